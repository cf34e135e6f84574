<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Retrieve\Motion;

/**
 * The cadence strip in numbers: the lure's depth over some rounds of its retrieve, and the beats that make them. Handle
 * turns are counted at a usual reel's line a turn (our own choice).
 */
final readonly class Strip
{
    /** Seconds of retrieve that a strip shows, in whole rounds. */
    private const SHOWN_S = 18.0;

    private const FEET_PER_TURN = 2.1;

    /**
     * @param  list<array{float, float}>  $points  seconds, depth in feet
     * @param  list<array{do: string, from: float, to: float, count: ?int}>  $beats
     */
    private function __construct(public float $seconds, public float $deepFt, public float $topFt, public array $points, public array $beats)
    {
    }

    /** The strip of a lure made ready. */
    public static function of(Setup $setup): self
    {
        $cadence = $setup->cadence;
        $rounds = max(1, (int) floor(self::SHOWN_S / $cadence->seconds()));
        $total = $rounds * $cadence->seconds();
        // The middle of the cast: past the dive or the fall, before the rise.
        $start = max(0.0, min($setup->path()->seconds() * 0.4, $setup->path()->seconds() - $total));
        $start = self::startOfRound($setup, $start);
        $points = [];
        for ($t = 0.0; $t < $total + 1e-9; $t += 0.1) {
            $points[] = [round($t, 2), round($setup->path()->at($start + $t)->depthFt, 2)];
        }
        $points[array_key_last($points)][0] = $total;
        $depths = array_column($points, 1);

        return new self($total, max($depths), min($depths), $points, self::beats($setup, $rounds));
    }

    /** The first moment after a time at which the retrieve's first step begins. */
    private static function startOfRound(Setup $setup, float $after): float
    {
        $first = $setup->cadence->steps[0]->do->value;
        $steps = count($setup->cadence->steps);
        $points = $setup->path()->points();
        foreach ($points as $i => $point) {
            if ($i > 0 && $points[$i - 1]->seconds >= $after && $point->doing === $first && ($steps === 1 || $points[$i - 1]->doing !== $first)) {
                return $points[$i - 1]->seconds;
            }
        }

        return $after;
    }

    /** @return list<array{do: string, from: float, to: float, count: ?int}> */
    private static function beats(Setup $setup, int $rounds): array
    {
        $beats = [];
        $at = 0.0;
        for ($round = 0; $round < $rounds; $round++) {
            foreach ($setup->cadence->steps as $step) {
                $turns = $step->do === Motion::Wind ? (int) max(1, round($step->seconds * $setup->cadence->speedFtS / self::FEET_PER_TURN)) : null;
                $beats[] = ['do' => $step->do->value, 'from' => round($at, 2), 'to' => round($at + $step->seconds, 2), 'count' => $step->times ?? $turns];
                $at += $step->seconds;
            }
        }

        return $beats;
    }
}
