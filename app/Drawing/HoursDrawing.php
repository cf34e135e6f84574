<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Plan\HourPlan;

/** The hours of a day as a band: which lure leads from when to when, and how willing the fish are. */
final readonly class HoursDrawing
{
    public const WIDTH = 560;

    public const HEIGHT = 84;

    private const TOP = 34.0;

    private const MOOD = 22.0;

    private Scale $x;

    /** @param  non-empty-list<HourPlan>  $hours */
    public function __construct(private array $hours)
    {
        $this->x = Scale::ofTheDay();
    }

    /** @return list<array{lure: string, from: float, width: float, at: int, to: int}> stretches led by one lure */
    public function stretches(): array
    {
        $stretches = [];
        foreach ($this->hours as $hour) {
            $last = array_key_last($stretches);
            if ($last === null || $stretches[$last]['lure'] !== $hour->first) {
                $stretches[] = ['lure' => $hour->first, 'at' => $hour->minute, 'to' => $hour->minute + 60];
            } else {
                $stretches[$last]['to'] = $hour->minute + 60;
            }
        }

        return array_map(fn (array $s): array => [
            ...$s, 'from' => $this->x->at($s['at']), 'width' => round($this->x->at($s['to']) - $this->x->at($s['at']), 1),
        ], $stretches);
    }

    /** The mood over the hours, as points: willing above the line, unwilling below. */
    public function mood(): string
    {
        return implode(' ', array_map(fn (HourPlan $h): string => $this->x->at($h->minute + 30).','.round(self::TOP - self::MOOD * $h->mood, 1), $this->hours));
    }

    /** The hour in which the fish are most willing. */
    public function best(): HourPlan
    {
        $best = $this->hours[0];
        foreach ($this->hours as $hour) {
            $best = $hour->mood > $best->mood ? $hour : $best;
        }

        return $best;
    }

    public function hour(int $hour): float
    {
        return $this->x->at(60 * $hour);
    }

    public function line(): float
    {
        return self::TOP;
    }
}
