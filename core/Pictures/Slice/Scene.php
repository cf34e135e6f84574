<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use Closure;
use OldEddy\Basics\Curve;
use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\LurePath;
use OldEddy\Choice\Path\PathPoint;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Water\Light;
use OldEddy\Day\Water\Sight;
use OldEddy\Day\Water\WaterColor;
use OldEddy\Reading\Reading;
use OldEddy\Reading\Standing;

/**
 * A section of the water from the angler (0 ft) outward, in numbers: sky, bottom, light, shade, fish, cover, the path of the
 * lure. Every shape of the drawing stands for one of them. Depths and distances in feet.
 */
final readonly class Scene
{
    /** Length of the section when no cast is drawn, feet. */
    private const SECTION_FT = 80.0;

    private const LIGHT_LAYERS = 10;

    /** No fish is drawn on the picture's own edge. */
    private const INSIDE = 0.98;

    /** Where fewer of them stand than this, against where most do, none is drawn. */
    private const COUNTS = 0.5;

    /** Less than this that fish come up for a lure is neither drawn nor said, feet. */
    private const WORTH_SAYING_FT = 0.5;

    /** So much of the strokes a small picture has. */
    private const SMALL = 0.35;

    /**
     * @param  list<array{float, float, string}>  $layers  from depth, to depth, color of the lit water
     * @param  list<array{float, float}>  $bottom  distance, depth
     * @param  list<Form>  $forms  the covers' own forms
     * @param  list<FishMark>  $fish
     * @param  list<array{float, float}>  $ticks  the lure at each whole second: distance, depth
     * @param  list<non-empty-list<array{float, float, float}>>  $inReach  where a fish reaches the lure: second, distance, depth
     */
    private function __construct(
        public Reading $reading,
        public float $lengthFt,
        public float $depthFt,
        public array $layers,
        public array $bottom,
        public float $bandTopFt,
        public float $bandFloorFt,
        public float $bandNearFt,
        public float $bandFarFt,
        public float $reachFt,
        public float $callsFt,
        public array $forms,
        public array $fish,
        public SkyAbove $above,
        public ?ShadeWedge $shade,
        public ?LurePath $path,
        public array $ticks,
        public array $inReach,
        public ?float $secondsInReach,
        public float $silhouetteBelowFt,
        public bool $parallel,
        public ?string $lure,
        public ?PathPoint $lureAt,
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

        return self::build($reading, $bottom, null, 1.0);
    }

    /** A lure's cast through this water; drawn in full, or with fewer strokes for a small picture. */
    public static function ofSetup(Setup $setup, bool $small = false): self
    {
        $cast = $setup->cast;

        return self::build($setup->reading, [[0.0, $cast->bottomNearFt], [$cast->lengthFt, $cast->bottomFarFt]], $setup, $small ? self::SMALL : 1.0);
    }

    /** Bottom depth at a distance, feet. */
    public function bottomAt(float $distanceFt): float
    {
        return Curve::through($this->bottom, $distanceFt);
    }

    /** Whether it is worth saying that fish come up for the lure. */
    public function callsUp(): bool
    {
        return $this->callsFt >= self::WORTH_SAYING_FT;
    }

    /** Feet from which the lure is made out where it is drawn; null without one. */
    public function sightFt(): ?float
    {
        return $this->lureAt === null ? null : Sight::in($this->reading->day->visibilityFt)->reachFt($this->lureAt->depthFt);
    }

    /** What the picture shows, in words. */
    public function words(): Said
    {
        $day = $this->reading->day;
        $sun = $this->above->sunDeg === null || $this->above->sunDeg <= 0 ? '' : sprintf(', the sun %.0f° high', $this->above->sunDeg);
        $covers = array_filter($this->reading->covers, static fn (Cover $c): bool => $c !== Cover::None);
        $parts = [
            Said::of('Sky %s%s, wind {%.0f mph}. ', $day->sky->words(), $sun, $day->windMph),
            Said::of('%s bottom, {%.1f ft} deep under you, {%.1f ft} at the far end', Said::capital($day->spot->bottom?->words() ?? 'unknown'),
                $this->bottom[0][1], $this->bottom[array_key_last($this->bottom)][1]),
            $covers === [] ? '. ' : sprintf('; %s. ', implode(', ', array_map(static fn (Cover $c): string => $c->words(), $covers))),
            $this->shade === null ? '' : Said::of('Shade {%.0f ft} wide. ', $this->shade->widthFt()),
            Said::of('Fish at {%.1f-%.1f ft}, %s to cover; each moves {%.1f ft}. ', $this->bandTopFt, $this->bandFloorFt,
                $this->reading->stand->tightness->words(), $this->reachFt),
        ];
        if ($this->path !== null) {
            $parts[] = ! $this->callsUp() ? '' : Said::of('They come up {%.1f ft} more for this lure. ', $this->callsFt);
            $parts[] = Said::of('The lure goes down to {%.1f ft} and is %.0f s in reach of a fish.', $this->path->deepestFt(), $this->secondsInReach);
        }

        return Said::joined(...$parts);
    }

    /** @param  non-empty-list<array{float, float}>  $bottom */
    private static function build(Reading $reading, array $bottom, ?Setup $setup, float $fine): self
    {
        $length = $bottom[array_key_last($bottom)][0];
        $deepest = max(array_column($bottom, 1));
        $stand = $reading->stand;
        $bottomAt = static fn (float $at): float => Curve::through($bottom, $at);
        [$from, $to] = self::stretch($bottom, $reading->standing(), $length);
        $path = $setup?->path();
        $runs = $setup?->reach()->runs() ?? [];
        $marks = new FishMarks($reading, $bottomAt, new Hand($reading->day->northernDay));

        return new self(
            $reading,
            $length,
            $deepest,
            self::layers($reading, $deepest),
            $bottom,
            $stand->shallowFt,
            min($stand->deepFt, $deepest),
            $from,
            $to,
            $reading->strikeRadiusFt($setup?->lure->isLoud() ?? false),
            $setup?->callsFt() ?? 0.0,
            self::forms($reading, $bottomAt, $length, $fine),
            $marks->between($from, min($to, self::INSIDE * $length), $length),
            SkyAbove::of($reading),
            ShadeWedge::of($reading, $length),
            $path,
            $path === null ? [] : self::ticks($path),
            $runs,
            $setup?->secondsInReach(),
            Sight::in($reading->day->visibilityFt)->silhouetteBelowFt(),
            $setup?->cast->angle === CastAngle::Parallel,
            $setup?->lure->key,
            $path?->at(self::shownAt($path, $runs)),
        );
    }

    /**
     * The second at which the lure is drawn on its way: the middle of its longest run in reach of a fish, else of the whole.
     *
     * @param  list<non-empty-list<array{float, float, float}>>  $runs
     */
    private static function shownAt(LurePath $path, array $runs): float
    {
        $lasts = static fn (array $run): float => $run[array_key_last($run)][0] - $run[0][0];
        usort($runs, static fn (array $a, array $b): int => $lasts($b) <=> $lasts($a));

        return $runs === [] ? $path->seconds() / 2 : $runs[0][0][0] + $lasts($runs[0]) / 2;
    }

    /**
     * @param  Closure(float): float  $bottomAt
     * @return list<Form> each cover from a seed of its own and the day: another cover beside it leaves it as it was
     */
    private static function forms(Reading $reading, Closure $bottomAt, float $length, float $fine): array
    {
        $forms = [];
        foreach ($reading->covers as $cover) {
            $hand = new Hand(crc32("{$reading->day->northernDay} {$cover->value}"));
            $forms = [...$forms, ...(new CoverForms($bottomAt, $length, $hand, $fine, $reading->day->spot->dock))->of($cover)];
        }

        return $forms;
    }

    /**
     * From where to where along the section they stand.
     *
     * @param  non-empty-list<array{float, float}>  $bottom
     * @return array{float, float}
     */
    private static function stretch(array $bottom, Standing $standing, float $length): array
    {
        $inside = [];
        for ($i = 0; $i <= 80; $i++) {
            $at = $length * $i / 80;
            if ($standing->over(Curve::through($bottom, $at)) >= self::COUNTS) {
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
