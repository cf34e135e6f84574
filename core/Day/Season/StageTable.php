<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

/** The season of one species: its cut points, and what is usual in each of its stages, °F. The rows stand in stages.php. Basis: rules F1 and F19. */
final readonly class StageTable
{
    /** Cooling cut points that all species share while they lie under their own fall column, °F (values from memory). */
    private const FALL_BELOW = 62.0;

    private const LATE_FALL_BELOW = 52.0;

    /**
     * @param  array<string, float>  $usualF  by stage
     * @param  array<string, int>  $days  by stage
     */
    private function __construct(
        public float $winterBelow,
        public float $prespawnFrom,
        public float $spawnFrom,
        public float $spawnTo,
        public float $summerFrom,
        public float $fallBelow,
        private array $usualF,
        private array $days,
    ) {
    }

    /** The row of a species. */
    public static function of(Species $species): self
    {
        static $rows = null;
        $rows ??= require __DIR__.'/stages.php';
        /**
         * @var array{
         *     winter: float, prespawn: float, spawn: array{float, float}, summer: float, fall: float,
         *     usual: array<string, float>, days: array<string, int>
         * } $row
         */
        $row = $rows[$species->value];

        return new self($row['winter'], $row['prespawn'], $row['spawn'][0], $row['spawn'][1], $row['summer'], $row['fall'], $row['usual'], $row['days']);
    }

    /** A usual temperature in °F for a stage of this species (rule F19). */
    public function usualF(Stage $stage): float
    {
        return $this->usualF[$stage->value];
    }

    /** The day of the year, northern reckoning, that stands in where a stage is known and no date. */
    public function usualDay(Stage $stage): int
    {
        return $this->days[$stage->value];
    }

    /**
     * The stage that comes after one while the year warms or cools, and the temperature in °F at which it begins; null after the
     * last.
     *
     * @return ?array{Stage, float}
     */
    public function next(Stage $stage, bool $warming): ?array
    {
        return match (true) {
            $warming => match ($stage) {
                Stage::Winter => [Stage::EarlyPrespawn, $this->winterBelow],
                Stage::EarlyPrespawn => [Stage::Prespawn, $this->prespawnFrom],
                Stage::Prespawn => [Stage::Spawn, $this->spawnFrom],
                Stage::Spawn => [Stage::Postspawn, $this->spawnTo],
                Stage::Postspawn => [Stage::Summer, $this->summerFrom],
                default => null,
            },
            default => match ($stage) {
                Stage::Summer => [Stage::EarlyFall, $this->fallBelow],
                Stage::EarlyFall => [Stage::Fall, min(self::FALL_BELOW, $this->fallBelow - 3)],
                Stage::Fall => [Stage::LateFall, self::LATE_FALL_BELOW],
                Stage::LateFall => [Stage::Winter, $this->winterBelow + 1],
                default => null,
            },
        };
    }

    /**
     * The stages along the temperatures, coldest first: each with the °F at which it begins when one goes up the scale. The first
     * begins at no temperature.
     *
     * @return non-empty-list<array{Stage, ?float}>
     */
    public function scale(bool $warming): array
    {
        $scale = [[$warming ? Stage::Winter : Stage::Summer, null]];
        while (($next = $this->next($scale[count($scale) - 1][0], $warming)) !== null) {
            $scale[] = $next;
        }
        if ($warming) {
            return $scale;
        }

        // Cooling, each stage is entered from above: going up, it begins where the colder one was entered.
        $up = [];
        for ($i = count($scale) - 1; $i >= 0; $i--) {
            $up[] = [$scale[$i][0], $scale[$i + 1][1] ?? null];
        }

        return $up;
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
