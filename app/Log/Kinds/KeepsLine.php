<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\LogEvent;
use App\Waters\CastLines;
use OldEddy\Boat\Quantity;
use OldEddy\Where\Cast\CastLine;

/** The line of the cast that gave a fish: where the boat lay, which way and how far was cast (S25). What the phone does not know the boat's instruments may. */
final class KeepsLine extends Kind
{
    private const LONGEST_FT = 400.0;

    /** @var array<string, mixed>|null */
    private ?array $set = null;

    public function fields(): array
    {
        return StintFields::of('stint', ['spot']) + self::position() + [
            'bearing_deg' => StintFields::day('spot.cast_bearing_deg')->orNothing(), 'length_ft' => Wanted::number(5, self::LONGEST_FT),
        ];
    }

    public function knows(array $event): bool
    {
        return $this->spot($event['spot']) !== null;
    }

    public function refusal(array $event): ?string
    {
        return $this->line($event) === null ? 'The line is not kept: neither this phone nor the boat said where it lies and which way it points.' : null;
    }

    public function apply(array $event): array
    {
        [$spot, $line] = [$this->spot($event['spot']), $this->line($event)];
        $before = ['spot' => $spot?->id, 'line' => $spot?->cast_line];
        if ($spot !== null && $line !== null) {
            $this->set = CastLines::told($line, 'fish', (string) $event['at']);
            $spot->update(['cast_line' => $this->set]);
        }

        return $before;
    }

    public function set(): array
    {
        return ['line' => $this->set];
    }

    /** A line that was kept since stays. */
    public function takeBack(LogEvent $event): void
    {
        $spot = LakeSpot::query()->where('lake_id', $this->trip->lake_id)->find($event->before['spot'] ?? 0);
        if ($spot instanceof LakeSpot && $spot->cast_line == ($event->after['line'] ?? null)) {
            $spot->update(['cast_line' => $event->before['line'] ?? null]);
        }
    }

    /** @param  array<array-key, mixed>  $event */
    private function line(array $event): ?CastLine
    {
        $boat = $this->boatAt($event);
        $bearing = $this->saidOrMeasured($event, 'bearing_deg', Quantity::HeadingDeg);

        return $boat === null || $bearing === null ? null : new CastLine($boat, $bearing, (float) $event['length_ft']);
    }

    private function spot(mixed $name): ?LakeSpot
    {
        return is_string($name) ? Lake::spotNamed($this->trip->lake_id, $name) : null;
    }
}
