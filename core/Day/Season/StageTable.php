<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

/** The cut points of one species, °F. The rows stand in stages.php. Basis: common practice, handbook 02. */
final readonly class StageTable
{
    /** Cooling cut points that all species share while they lie under their own fall column, °F (values from memory). */
    private const FALL_BELOW = 62.0;

    private const LATE_FALL_BELOW = 52.0;

    private function __construct(
        public float $winterBelow,
        public float $earlyFrom,
        public float $prespawnFrom,
        public float $spawnFrom,
        public float $spawnTo,
        public float $summerFrom,
        public float $fallBelow,
    ) {
    }

    /** The row of a species. */
    public static function of(Species $species): self
    {
        static $rows = null;
        $rows ??= require __DIR__.'/stages.php';
        /** @var array{winter: float, early: float, prespawn: float, spawn: array{float, float}, summer: float, fall: float} $row */
        $row = $rows[$species->value];

        return new self($row['winter'], $row['early'], $row['prespawn'], $row['spawn'][0], $row['spawn'][1], $row['summer'], $row['fall']);
    }

    /** The stage at a temperature in °F while the year warms. */
    public function warming(float $tempF): Stage
    {
        return match (true) {
            $tempF < $this->winterBelow => Stage::Winter,
            $tempF < $this->prespawnFrom => Stage::EarlyPrespawn,
            $tempF < $this->spawnFrom => Stage::Prespawn,
            $tempF <= $this->spawnTo => Stage::Spawn,
            $tempF < $this->summerFrom => Stage::Postspawn,
            default => Stage::Summer,
        };
    }

    /** The stage at a temperature in °F while the year cools. */
    public function cooling(float $tempF): Stage
    {
        // Cool-water species turn at 60-62 already: their early fall keeps a few degrees of its own.
        $fallBelow = min(self::FALL_BELOW, $this->fallBelow - 3);

        return match (true) {
            $tempF > $this->fallBelow => Stage::Summer,
            $tempF > $fallBelow => Stage::EarlyFall,
            $tempF > self::LATE_FALL_BELOW => Stage::Fall,
            $tempF >= $this->winterBelow + 1 => Stage::LateFall,
            default => Stage::Winter,
        };
    }
}
