<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\BoxItem;
use App\Models\LogEvent;
use App\Models\Trip;
use OldEddy\Log\Next\Presentation;

/** A rod that was tied anew, or whose lure was lost (K2, K3). */
final class CaresForRod extends Kind
{
    private const RETIED = 'retied';

    private const LOST = 'lost';

    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        return ['what' => Wanted::oneOf([self::RETIED, self::LOST]), ...StintFields::of('stint', ['lure', 'color'])];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function apply(array $event): array
    {
        $rod = Presentation::key($event['lure'], $event['color']);
        $before = ['rod' => $rod, 'knot' => $this->trip->knots[$rod] ?? null];
        // A lure that was lost is tied on anew as well.
        $this->tie($rod, $event['at']);
        $this->set = ['knot' => $event['at']];

        return $event['what'] === self::LOST
            ? $before + ['item' => BoxItem::lose($this->trip->user, $event['lure'], $event['color'], substr((string) $event['at'], 0, 10))] : $before;
    }

    public function set(): array
    {
        return $this->set;
    }

    public function takeBack(LogEvent $event): void
    {
        $before = $event->before ?? [];
        if (($this->trip->knots[$before['rod'] ?? ''] ?? null) === ($event->after['knot'] ?? null)) {
            $this->tie($before['rod'], $before['knot']);
        }
        if (isset($before['item'])) {
            BoxItem::find($this->trip->user, (int) $before['item'])?->foundAgain();
        }
    }

    private function tie(string $rod, ?string $at): void
    {
        $knots = array_filter([$rod => $at] + ($this->trip->knots ?? []), static fn (?string $v): bool => $v !== null);
        Trip::query()->whereKey($this->trip->id)->update(['knots' => $knots === [] ? null : json_encode($knots)]);
        $this->trip->forceFill(['knots' => $knots])->syncOriginalAttributes(['knots']);
    }
}
