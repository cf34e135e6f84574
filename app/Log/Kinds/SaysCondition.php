<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Day\FieldSheet;
use App\Day\StateOfDay;
use App\Log\Wanted;
use App\Models\LogEvent;
use Illuminate\Support\Arr;
use OldEddy\Basics\Problem\InvalidInput;

/** What the water or the sky is like, said on the water: it goes the way of the log, with or without signal (M19). */
final class SaysCondition extends Kind
{
    private const LONGEST = 60;

    /** So many things can be said of one field, such as the covers of a spot. */
    private const MOST = 40;

    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        $paths = array_map(static fn (array $group): array => array_column($group, 'path'), FieldSheet::groups());

        return [
            'path' => Wanted::oneOf(array_merge(...array_values($paths))), 'value' => Wanted::words(self::LONGEST, self::MOST)->orNothing(),
            'units' => Wanted::units(),
        ];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function refusal(array $event): ?string
    {
        try {
            StateOfDay::changed($this->trip->conditions, $event['path'], $event['value'] ?? null, self::units($event));
        } catch (InvalidInput $wrong) {
            $words = FieldSheet::field($event['path'])->label ?? $event['path'];

            return ucfirst("{$words} {$wrong->problems[0]->message}");
        }

        return null;
    }

    public function apply(array $event): array
    {
        $path = StateOfDay::keptUnder($event['path']);
        $before = ['path' => $path, 'value' => Arr::get($this->trip->conditions, $path)];
        $changed = StateOfDay::change($this->trip, $event['path'], $event['value'] ?? null, self::units($event));
        $this->trip->becomes($changed);
        $this->set = ['path' => $path, 'value' => Arr::get($changed->conditions, $path)];

        return $before;
    }

    public function set(): array
    {
        return $this->set;
    }

    /** What another entry said since stays. */
    public function takeBack(LogEvent $event): void
    {
        $path = $event->before['path'];
        if (Arr::get($this->trip->conditions, $path) === ($event->after['value'] ?? null)) {
            $changed = StateOfDay::put($this->trip, $path, $event->before['value'] ?? null);
            $this->trip->becomes($changed);
        }
    }
}
