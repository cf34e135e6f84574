<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use OldEddy\Basics\Curve;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\LurePath;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Water\Light;
use OldEddy\Day\Water\Sight;
use OldEddy\Day\Water\WaterColor;
use OldEddy\Reading\Reading;

/**
 * A section of the water from the angler (0 ft) outward, in numbers: bottom, light, fish band, cover, the path of the
 * lure. Every shape of the drawing stands for one of them. Depths and distances in feet.
 */
final readonly class Scene
{
    /** Length of the section when no cast is drawn, feet. */
    private const SECTION_FT = 80.0;

    private const LIGHT_LAYERS = 10;

    /**
     * @param  list<array{float, float, string}>  $layers  from depth, to depth, color of the lit water
     * @param  list<array{float, float}>  $bottom  distance, depth
     * @param  list<Cover>  $covers
     * @param  list<array{float, float}>  $ticks  the lure at each whole second: distance, depth
     */
    private function __construct(
        public float $lengthFt,
        public float $depthFt,
        public array $layers,
        public array $bottom,
        public float $bandTopFt,
        public float $bandFloorFt,
        public float $bandNearFt,
        public float $bandFarFt,
        public float $reachFt,
        public array $covers,
        public ?LurePath $path,
        public array $ticks,
        public ?float $secondsInZone,
        public float $silhouetteBelowFt,
        public bool $parallel,
    ) {
    }

    /** The water of a reading, across from the angler to the bank. */
    public static function ofReading(Reading $reading): self
    {
        $spot = $reading->day->spot;
        $stand = $reading->stand;
        $shallow = $spot->shallowFt ?? min(1.0, $stand->shallowFt);
        $deep = max($spot->deepFt ?? 0.0, $stand->deepFt, 3.0);
        $near = max($deep, min($spot->depthNearbyFt ?? $deep * 1.3, $deep * 2));
        $bottom = [[0.0, $near], [self::SECTION_FT * 0.35, $deep], [self::SECTION_FT * 0.85, $shallow], [self::SECTION_FT, 0.0]];

        return self::build($reading, $bottom, null, null, false, false);
    }

    /** A lure's cast through this water. */
    public static function ofSetup(Setup $setup): self
    {
        $cast = $setup->cast;
        $bottom = [[0.0, $cast->bottomNearFt], [$cast->lengthFt, $cast->bottomFarFt]];

        return self::build($setup->reading, $bottom, $setup->path(), $setup->secondsInZone(), $cast->angle === CastAngle::Parallel, $setup->lure->isLoud());
    }

    /** Bottom depth at a distance, feet. */
    public function bottomAt(float $distanceFt): float
    {
        return Curve::through($this->bottom, $distanceFt);
    }

    /** Whether this water ends above the fish: they stand at depths that the section does not reach. */
    public function fishStandDeeper(): bool
    {
        return $this->bandTopFt >= $this->depthFt;
    }

    /** @param  non-empty-list<array{float, float}>  $bottom */
    private static function build(Reading $reading, array $bottom, ?LurePath $path, ?float $seconds, bool $parallel, bool $loud): self
    {
        $length = $bottom[array_key_last($bottom)][0];
        $deepest = max(array_column($bottom, 1));
        $stand = $reading->stand;
        [$from, $to] = self::stretch($bottom, $stand->shallowFt, $length);

        return new self(
            $length,
            $deepest,
            self::layers($reading, $deepest),
            $bottom,
            $stand->shallowFt,
            min($stand->deepFt, $deepest),
            $from,
            $to,
            $reading->strikeRadiusFt($loud),
            $reading->covers,
            $path,
            $path === null ? [] : self::ticks($path),
            $seconds,
            Sight::in($reading->day->visibilityFt)->silhouetteBelowFt(),
            $parallel,
        );
    }

    /**
     * From where to where along the section the bottom is deep enough for the band.
     *
     * @param  non-empty-list<array{float, float}>  $bottom
     * @return array{float, float}
     */
    private static function stretch(array $bottom, float $shallow, float $length): array
    {
        $inside = [];
        for ($i = 0; $i <= 80; $i++) {
            $at = $length * $i / 80;
            if (Curve::through($bottom, $at) >= $shallow) {
                $inside[] = $at;
            }
        }

        return $inside === [] ? [0.0, 0.0] : [$inside[0], $inside[array_key_last($inside)]];
    }

    /**
     * The water's color down to a depth in feet, in layers that thicken as the light fades.
     *
     * @return list<array{float, float, string}> from depth, to depth, color
     */
    public static function layers(Reading $reading, float $deepest): array
    {
        $light = new Light($reading->day->visibilityFt);
        $color = WaterColor::of($reading->day->visibilityFt);
        $surface = $reading->day->lowLight ? 0.55 : ($reading->day->sky->isCovered() ? 0.8 : 1.0);
        $layers = [];
        for ($i = 0; $i < self::LIGHT_LAYERS; $i++) {
            $from = $deepest * ($i / self::LIGHT_LAYERS) ** 1.5;
            $to = $deepest * (($i + 1) / self::LIGHT_LAYERS) ** 1.5;
            $layers[] = [$from, $to, $color->dimmedTo($surface * $light->at(($from + $to) / 2))->hex()];
        }

        return $layers;
    }

    /** @return list<array{float, float}> */
    private static function ticks(LurePath $path): array
    {
        $ticks = [];
        // A dragged lure takes minutes: then every fifth second, and so on, so that ticks stay apart.
        $every = max(1, (int) ceil($path->seconds() / 60));
        for ($second = 0; $second <= $path->seconds(); $second += $every) {
            $point = $path->at((float) $second);
            $ticks[] = [$point->distanceFt, $point->depthFt];
        }

        return $ticks;
    }
}
