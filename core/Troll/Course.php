<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Direction;
use OldEddy\Basics\Moment;
use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;

/** The boat's way over a day, parted into tacks of one direction: what turns between them belongs to none. Basis: rules T10 and T12; its cuts are our own. */
final class Course
{
    /** Two places farther apart in time leave it open where the boat went, seconds. */
    private const GAP_S = 180;

    /** A heading is kept until the boat is so far off it, degrees: half an eighth of the compass, and half of that again. */
    private const KEEPS_DEG = 33.75;

    /** Shorter tacks are turns, minutes. */
    private const LEAST_MIN = 3.0;

    /** Slower than this the boat lies still, mph. */
    private const STILL_MPH = 0.3;

    /**
     * The tacks of a way.
     *
     * @param  list<array{string, Position}>  $places  when (ISO 8601) and where, in order of time
     * @return list<Tack> in order
     */
    public static function tacks(array $places): array
    {
        [$tacks, $run] = [[], null];
        foreach ($places as $i => [$at, $here]) {
            [$before, $from] = $places[$i - 1] ?? [$at, $here];
            $seconds = Moment::secondsBetween($before, $at);
            $feet = $from->feetTo($here);
            if ($seconds <= 0 || $seconds > self::GAP_S || Speed::fromFeetPerSecond($feet / $seconds)->mph() < self::STILL_MPH) {
                $tacks[] = $run;
                $run = null;

                continue;
            }
            $bearing = $from->bearingTo($here);
            if ($run === null || abs(Direction::turn($run['deg'], $bearing)) > self::KEEPS_DEG) {
                $tacks[] = $run;
                $run = ['from' => $before, 'deg' => Direction::eighth($bearing), 'feet' => 0.0];
            }
            $run = ['to' => $at, 'feet' => $run['feet'] + $feet] + $run;
        }

        return self::long([...$tacks, $run]);
    }

    /**
     * @param  list<array{from: string, to?: string, deg: float, feet: float}|null>  $runs
     * @return list<Tack>
     */
    private static function long(array $runs): array
    {
        $tacks = [];
        foreach ($runs as $run) {
            $seconds = $run === null ? 0 : Moment::secondsBetween($run['from'], $run['to'] ?? $run['from']);
            if ($run !== null && $seconds >= 60 * self::LEAST_MIN) {
                $tacks[] = new Tack($run['from'], $run['to'] ?? $run['from'], Direction::words($run['deg']), Speed::fromFeetPerSecond($run['feet'] / $seconds)->mph());
            }
        }

        return $tacks;
    }
}
