<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

use OldEddy\Basics\Curve;

/** Between which days of the year a species spawns at a latitude, whatever the thermometer says. The rows stand in spawning.php. Basis: rule F22. */
final readonly class Spawning
{
    /** Midwinter, days of the northern year: December and January. */
    private const MIDWINTER = [335, 31];

    /** Under so many °F midwinter is winter for every fish, also in lakes that get no colder. */
    private const MIDWINTER_UNDER_F = 45.0;

    private function __construct(public float $earliestDay, public float $latestDay)
    {
    }

    /** @param  float  $latDeg  -90 to 90, either half */
    public static function of(Species $species, float $latDeg): self
    {
        static $rows = null;
        $rows ??= require __DIR__.'/spawning.php';
        /** @var array{earliest: non-empty-list<array{float, float}>, latest: int} $row */
        $row = $rows[$species->value];

        return new self(Curve::through($row['earliest'], abs($latDeg)), $row['latest']);
    }

    /** How a stage that the thermometer gives is held to the calendar: a day in northern reckoning (1 to 366), °F. */
    public function held(Stage $stage, int $northernDay, float $tempF): Stage
    {
        return match (true) {
            self::isMidwinter($northernDay) && $tempF < self::MIDWINTER_UNDER_F => Stage::Winter,
            $stage === Stage::Spawn && $northernDay < $this->earliestDay => Stage::Prespawn,
            in_array($stage, [Stage::Prespawn, Stage::Spawn], true) && $northernDay > $this->latestDay => Stage::Postspawn,
            default => $stage,
        };
    }

    /** Days from one of the year (northern reckoning) until a stage can begin, the thermometer besides; 0 where it can at once. */
    public function daysUntil(Stage $stage, int $northernDay): float
    {
        return match (true) {
            $stage === Stage::Spawn => max(0.0, $this->earliestDay - $northernDay),
            $stage === Stage::EarlyPrespawn && self::isMidwinter($northernDay) => (float) ((self::MIDWINTER[1] + 1 - $northernDay + 366) % 366),
            default => 0.0,
        };
    }

    private static function isMidwinter(int $northernDay): bool
    {
        return $northernDay >= self::MIDWINTER[0] || $northernDay <= self::MIDWINTER[1];
    }
}
