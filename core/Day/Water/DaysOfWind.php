<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\WindDay;

/**
 * The wind of the last three days, which piles the warm water of spring up; not that of this hour. Basis: rule W23; how much each day
 * counts is our own.
 */
final readonly class DaysOfWind
{
    /** What today, yesterday and the day before count. */
    private const COUNTS = [0.5, 0.3, 0.2];

    /** From this wind on a day does all it can, mph. */
    private const FULL_MPH = 15.0;

    /** @param  non-empty-list<WindDay>  $days */
    private function __construct(public array $days)
    {
    }

    /** The last three days as far as they are known, today's by its own wind; null where nothing is known of the days before. */
    public static function of(Settled $day): ?self
    {
        $known = array_column($day->windDays, null, 'daysAgo');
        if ($day->windFromDeg !== null) {
            $known[0] ??= new WindDay(0, $day->windMph, $day->windFromDeg);
        }
        $last = array_intersect_key($known, self::COUNTS);
        ksort($last);

        return $last === [] || max(array_keys($last)) === 0 ? null : new self(array_values($last));
    }

    /**
     * How much these days blew in somewhere: 1 where all of them did with all they can, -1 where all blew out.
     *
     * @param  callable(float): float  $into  of a direction a wind comes from (degrees): 1 straight in over much open water, -1 straight out
     */
    public function blewIn(callable $into): float
    {
        [$sum, $of] = [0.0, 0.0];
        foreach ($this->days as $day) {
            $counts = self::COUNTS[$day->daysAgo];
            $sum += $counts * min(1.0, $day->mph / self::FULL_MPH) * $into($day->fromDeg);
            $of += $counts;
        }

        return $of > 0 ? $sum / $of : 0.0;
    }
}
