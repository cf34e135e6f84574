<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Day\StateOfDay;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\LogEvent;
use App\Show\Clock;

/** A marked spot made the spot of the day; it goes the way of the log, with or without signal. */
final class PicksSpot extends Kind
{
    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        return StintFields::of('stint', ['spot']);
    }

    public function knows(array $event): bool
    {
        return $this->spot($event['spot']) !== null;
    }

    public function apply(array $event): array
    {
        $before = ['spot' => $this->trip->conditions['spot'] ?? null, 'here' => $this->trip->here];
        $spot = $this->spot($event['spot']);
        if ($spot !== null) {
            $this->trip->becomes(StateOfDay::pick($this->trip, $spot, Clock::minute($event['at'])));
        }
        $this->set = ['here' => $this->trip->here];

        return $before;
    }

    public function set(): array
    {
        return $this->set;
    }

    /** Who has gone elsewhere since is not called back. */
    public function takeBack(LogEvent $event): void
    {
        if ($this->trip->here === ($event->after['here'] ?? null)) {
            $this->trip->becomes(StateOfDay::put($this->trip, 'spot', $event->before['spot'] ?? null, ['here' => $event->before['here'] ?? null]));
        }
    }

    private function spot(mixed $name): ?LakeSpot
    {
        return is_string($name) ? Lake::spotNamed($this->trip->lake_id, $name) : null;
    }
}
