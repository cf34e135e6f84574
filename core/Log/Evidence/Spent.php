<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use DateTimeImmutable;

/**
 * How much a place still gives after the casts made there: most bites on a target come in its first casts (rules M14, S3), and it
 * rests while it is left alone (S29). Basis: the rules for what happens, the numbers our own.
 */
final class Spent
{
    /** What is left of a place after very many casts. */
    private const LEFT = 0.35;

    /** After so many casts two thirds of what can go are gone. */
    private const AFTER_CASTS = 14.0;

    /** In so many minutes two thirds of what was spent come back. */
    private const RESTS_MIN = 90.0;

    /** @var array<string, array{float, float}> casts that still tell and the minute of the last of them, by spot */
    private array $places = [];

    /** @var list<float> what the casts of each stint were worth, in casts on a rested place */
    public readonly array $worth;

    private float $minute = 0.0;

    /** @param  list<Stint>  $stints  in order of time */
    public function __construct(array $stints)
    {
        $worth = [];
        foreach ($stints as $i => $stint) {
            $begun = self::minuteOf($stint->at);
            $next = isset($stints[$i + 1]) ? self::minuteOf($stints[$i + 1]->at) : INF;
            $ended = max($begun, min($next, $begun + $stint->casts * Limits::CAST_S / 60));
            $spot = $stint->levels['spot'] ?? '';
            $before = $this->castsTold($spot, $begun);
            $worth[] = self::over($before, $stint->casts);
            $this->places[$spot] = [$before + $stint->casts, $ended];
            $this->minute = max($this->minute, $ended);
        }
        $this->worth = $worth;
    }

    /** What so many next casts (0 or more) at a spot are worth after so many minutes from now, in casts on a rested place. */
    public function ahead(string $spot, int $casts, float $inMinutes): float
    {
        return self::over($this->castsTold($spot, $this->minute + $inMinutes), $casts);
    }

    private function castsTold(string $spot, float $minute): float
    {
        [$casts, $at] = $this->places[$spot] ?? [0.0, $minute];

        return $casts * exp(-max(0.0, $minute - $at) / self::RESTS_MIN);
    }

    /** The worth of casts from the one after $before on. */
    private static function over(float $before, int $casts): float
    {
        return self::LEFT * $casts + (1 - self::LEFT) * self::AFTER_CASTS * (exp(-$before / self::AFTER_CASTS) - exp(-($before + $casts) / self::AFTER_CASTS));
    }

    private static function minuteOf(string $at): float
    {
        return (new DateTimeImmutable($at))->getTimestamp() / 60;
    }
}
