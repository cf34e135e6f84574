<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Where\Places\OwnRecord;

/**
 * A route for the rest of the day may come back to where it was fished: what paid weighs more, what gave nothing less, and a place
 * just fished rests first. Basis: rule S29; the rest and the shares are our own.
 */
final class Comeback
{
    /** So long a place rests before it is worth coming back to, minutes. */
    private const REST_MIN = 60;

    /** What a day's record can make of a place, at least and at most. */
    private const LEAST = 0.3;

    private const MOST = 2.5;

    /**
     * What becomes of a stop that was fished today: one that rests, and for a place that paid a second visit later on.
     *
     * @param  OwnRecord  $today  casts and weighted contacts there today
     * @param  float  $now  minute of the day
     * @return non-empty-list<Stop>
     */
    public static function stops(Stop $stop, OwnRecord $today, float $now, Prior $usual = new Prior): array
    {
        $factor = max(self::LEAST, min(self::MOST, Rate::after($usual, $today->contacts, $today->casts)->mean() / $usual->perCast));
        $worth = array_map(static fn (float $w): float => $w * $factor, $stop->worth);
        $again = $today->contacts > 0 ? $now + 2 * self::REST_MIN + $stop->minutes : INF;
        $stops = [new Stop($stop->name, self::between($worth, $now + self::REST_MIN, $again), $stop->minutes, $stop->locked)];
        if ($again < INF) {
            $stops[] = new Stop($stop->name, self::between($worth, $again, INF), $stop->minutes);
        }

        return $stops;
    }

    /**
     * Worth nothing before a minute of the day and after another.
     *
     * @param  list<float>  $worth  by hour
     * @return list<float>
     */
    private static function between(array $worth, float $from, float $to): array
    {
        return array_map(static fn (float $w, int $hour): float => 60 * $hour < $from || 60 * $hour >= $to ? 0.0 : $w, $worth, array_keys($worth));
    }
}
