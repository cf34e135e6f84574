<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;
use App\Models\Trip;
use OldEddy\Log\Evidence\Goal;

/** How the day is fished: for many or for a big one (M23), in earnest or as practice (M18), against which weight (Y7). */
final class SetsManner extends Kind
{
    private const YES_NO = ['yes', 'no'];

    /** A bag to beat weighs no more, pounds or kilograms. */
    private const HEAVIEST = 500;

    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        return ['goal' => Wanted::oneOf(Goal::keys())->orNothing(), 'practice' => Wanted::oneOf(self::YES_NO)->orNothing(),
            'beat' => Wanted::number(0, self::HEAVIEST)->orNothing(), 'units' => Wanted::units()];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function apply(array $event): array
    {
        $practice = isset($event['practice']) ? $event['practice'] === 'yes' : null;
        // Nothing to beat any more is said by 0.
        $beat = isset($event['beat']) ? round(self::units($event)->takeWeight((float) $event['beat']), 2) : null;
        $this->set = array_filter(['goal' => $event['goal'] ?? null, 'practice' => $practice, 'beat_lb' => $beat], static fn (mixed $v): bool => $v !== null);
        $before = $this->trip->only(array_keys($this->set));
        $this->put($this->set);

        return $before;
    }

    public function set(): array
    {
        return $this->set;
    }

    public function takeBack(LogEvent $event): void
    {
        // What another entry said since stays.
        $stands = fn (mixed $before, string $field): bool => $this->trip->getAttribute($field) === ($event->after[$field] ?? null);
        $this->put(array_filter($event->before ?? [], $stands, ARRAY_FILTER_USE_BOTH));
    }

    /** @param  array<string, mixed>  $fields */
    private function put(array $fields): void
    {
        if ($fields !== []) {
            Trip::query()->whereKey($this->trip->id)->update($fields);
            $this->trip->forceFill($fields)->syncOriginalAttributes(array_keys($fields));
        }
    }
}
