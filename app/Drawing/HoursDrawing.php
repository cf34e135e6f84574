<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Pictures\Ribbon\DayRibbon;
use OldEddy\Plan\ByHour;
use OldEddy\Plan\HourPlan;

/** The hours of a day as a band: which lure leads from when to when, and how willing the fish are. */
final readonly class HoursDrawing
{
    public const WIDTH = 560;

    public const HEIGHT = 74;

    private const TOP = 30.0;

    private const MOOD = 22.0;

    private Scale $x;

    /** @var non-empty-list<HourPlan> */
    private array $hours;

    /**
     * @param  non-empty-list<HourPlan>  $hours
     * @param  ?DayRibbon  $ribbon  of the same day, to stand above it hour by hour
     */
    public function __construct(array $hours, ?DayRibbon $ribbon = null)
    {
        $fits = static fn (HourPlan $h): bool => $ribbon === null || ($h->minute >= $ribbon->from && $h->minute + 60 <= $ribbon->to);
        $within = array_values(array_filter($hours, $fits));
        $this->hours = $within === [] ? $hours : $within;
        $this->x = $ribbon === null ? Scale::ofTheDay() : new Scale($ribbon->from, $ribbon->to, 10, 540);
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

    /** Of the hours that are drawn. */
    public function best(): HourPlan
    {
        return ByHour::best($this->hours);
    }

    /** @return array<int, float> where the hours that are written stand */
    public function written(): array
    {
        [$from, $to] = [$this->hours[0]->minute - 60, $this->hours[count($this->hours) - 1]->minute + 60];
        $hours = array_filter(range(3, 21, 3), static fn (int $h): bool => $h * 60 >= $from && $h * 60 <= $to);

        return array_combine($hours, array_map(fn (int $h): float => $this->x->at(60 * $h), $hours));
    }

    public function line(): float
    {
        return self::TOP;
    }
}
