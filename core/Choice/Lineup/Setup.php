<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Ramp;
use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Path\Cast;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\CoverShape;
use OldEddy\Choice\Path\DiveCurve;
use OldEddy\Choice\Path\LurePath;
use OldEddy\Choice\Path\PathModel;
use OldEddy\Choice\Path\Reach;
use OldEddy\Choice\Path\RodTip;
use OldEddy\Choice\Path\SinkRate;
use OldEddy\Choice\Retrieve\Cadence;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Choice\Tackle\Box;
use OldEddy\Choice\Tackle\Tackle;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Reading\Standing;

/**
 * A lure made ready for the day: rigging, working depth in feet, cadence, cast, and the path it takes. The path is traced
 * when it is first asked for: most lures of a lineup are only read about.
 */
final class Setup
{
    /** The kinds of casts (R18). */
    public const CASTS = ['flip', 'pitch', 'skip', 'fan', 'parallel', 'long'];

    /** Cast lengths in feet by kind (R18, D8; our own numbers). */
    private const CAST_FT = ['flip' => 12.0, 'pitch' => 25.0, 'skip' => 30.0, 'fan' => 70.0, 'parallel' => 70.0, 'long' => 95.0, 'troll' => 130.0];

    /** A long cast goes 20 yards farther with the wind (D8). */
    private const WITH_THE_WIND_FT = 60.0;

    /** Casts that are put to a target, and wound home from it. */
    private const TARGET_CASTS = ['flip', 'pitch', 'skip'];

    /** A lure is run over the middle of the fish by this share of their reach: fish look up (own choice). */
    private const LOOK_UP = 0.45;

    /** Under fish that hang the water is so many times as deep as they are, where nobody said how deep (own choice). */
    private const OPEN_WATER = 1.5;

    /** What only brushes a cover for so long does not hang in it, what stays in it for so long does, seconds (own choice). */
    private const BRUSHES_S = [0.2, 0.8];

    /** Seconds of a minute in reach under which it passes no fish, and from which more make no difference (own choice). */
    private const REACHES_S = [0.2, 6.0];

    /** Half the width of a target, feet, for target casts. */
    private const TARGET_FT = 4.0;

    private ?LurePath $path = null;

    private ?Reach $reach = null;

    private ?float $misses = null;

    private function __construct(
        public readonly Reading $reading,
        public readonly LureFamily $lure,
        public readonly Spec $spec,
        public readonly float $depthFt,
        public readonly ?float $ratedFt,
        public readonly Cadence $cadence,
        public readonly string $castKind,
        public readonly Cast $cast,
        private readonly RodTip $rodTip,
    ) {
    }

    /** The lure made ready as the rules say, or as the angler wishes. */
    public static function of(LureFamily $lure, Reading $reading, Wish $wish = new Wish): self
    {
        $wished = in_array($wish->cadence, $lure->cadences, true) ? $wish->cadence : null;
        $cadence = $wished === null ? CadenceChooser::choose($lure, $reading) : CadenceChooser::set($wished, $lure, $reading);
        if ($wish->speedFtS !== null) {
            $cadence = $cadence->at($wish->speedFtS);
        }
        $kind = $wish->castKind ?? self::castKind($lure, $reading);
        $length = $wish->castFt ?? self::CAST_FT[$kind] + ($kind === 'long' && $reading->day->isWindy() ? self::WITH_THE_WIND_FT : 0.0);
        [$depth, $rated] = self::depth($lure, $reading, $length, $wish->depthFt);
        $spec = SpecChooser::choose($lure, $reading, $depth);
        if ($wish->weightOz !== null || $wish->lengthIn !== null) {
            $spec = $spec->as($wish->weightOz, $wish->lengthIn);
        }
        $cast = self::cast($lure, $reading, $length, $wish->angle, $depth);

        return new self($reading, $lure, $spec, $depth, $rated, $cadence, $kind, $cast, $wish->rodTip);
    }

    /** The path of one cast (D2, D3, R15). */
    public function path(): LurePath
    {
        return $this->path ??= PathModel::trace(
            $this->lure,
            $this->cadence,
            $this->cast,
            $this->depthFt,
            SinkRate::of($this->lure, $this->spec->weightOz),
            $this->rodTip,
        );
    }

    /** What of one cast is in reach of the fish, as they stand over its bottom (rule D14). */
    public function reach(): Reach
    {
        return $this->reach ??= $this->reachUpTo(INF);
    }

    private function reachUpTo(float $enoughS): Reach
    {
        $target = in_array($this->castKind, self::TARGET_CASTS, true);
        $feet = $this->reading->strikeRadiusFt($this->lure->isLoud());

        return Reach::of(
            $this->path(), $this->reading->standing(), $feet, $this->callsFt(), $target ? $this->cast->lengthFt - 2 * self::TARGET_FT - $feet : 0.0, $enoughS,
        );
    }

    /** Expected seconds of one cast in reach of a fish. */
    public function secondsInReach(): float
    {
        return $this->reach()->seconds();
    }

    /** How far it draws fish up beyond their reach, feet; 0 where it draws none. */
    public function callsFt(): float
    {
        return (new CallsUp($this->reading))->feet($this->lure);
    }

    /**
     * Where this cast will hang up, in sentences: hooks in cover that lets none through, a model that digs too deep (D1).
     *
     * @return list<string|Said>
     */
    public function snagWarnings(): array
    {
        $warnings = [];
        if ($this->hangs() > 0.5) {
            $warnings[] = ($this->lure->rigging->exposure === Exposure::Treble ? 'Trebles will hang in ' : 'It will hang in ').implode(
                ', ',
                array_map(static fn (Cover $c): string => $c->words(), $this->reading->covers),
            ).'.';
        }
        if ($this->ploughs() > 0.5) {
            $warnings[] = Said::of('Rated more than {2 ft} deeper than the water: it ploughs.');
        }

        return $warnings;
    }

    /** How surely it passes no fish, 0 to 1 (D14). */
    public function misses(): float
    {
        if ($this->misses === null) {
            // A glance does for most of them: what has passed fish for so long passes them, whatever comes after.
            $minutes = ($this->path()->seconds() + Reach::HANDLING_S) / 60;
            $this->misses = Ramp::down($this->reachUpTo(self::REACHES_S[1] * $minutes)->seconds() / $minutes, ...self::REACHES_S);
        }

        return $this->misses;
    }

    /** How surely it hangs up or ploughs, 0 to 1 (L39). */
    public function snags(): float
    {
        return max($this->ploughs(), $this->hangs());
    }

    /** How surely this cast hangs up, 0 to 1. Where it comes through one cover of the place, that is where it is fished (L16). */
    private function hangs(): float
    {
        if ($this->reading->day->spot->covers === []) {
            return 0.0;
        }
        $fit = CoverFit::in($this->reading);

        return min(array_map(
            fn (Cover $c): float => $fit->fit($this->lure, $c) >= CoverFit::HANGS_UP ? 0.0 : Ramp::up($this->secondsIn($c), ...self::BRUSHES_S),
            $this->reading->covers,
        ));
    }

    /** How surely the model digs into the bottom for most of its way, 0 to 1 (D1). */
    private function ploughs(): float
    {
        return $this->ratedFt === null ? 0.0 : Ramp::up($this->ratedFt - ($this->reading->day->spot->deepFt ?? INF), 1.5, 2.5);
    }

    /** Seconds until the lure is at its depth, for lures that are counted down; null for the others (D3). */
    public function countdownSeconds(): ?float
    {
        if ($this->lure->dives() || $this->lure->isSurface() || $this->depthFt < 1) {
            return null;
        }

        return $this->depthFt / SinkRate::of($this->lure, $this->spec->weightOz);
    }

    /** Seconds within the fish's reach of the cover at the spot; 0 where there is none. */
    public function secondsNearCover(): float
    {
        $reach = $this->reading->strikeRadiusFt($this->lure->isLoud());

        return max(array_map(fn (Cover $cover): float => $this->secondsIn($cover, $reach), $this->reading->covers));
    }

    /** Seconds of the cast in a cover, or within so many feet above and beside it. */
    private function secondsIn(Cover $cover, float $aroundFt = 0.0): float
    {
        $shape = CoverShape::of($cover);
        if ($shape === null) {
            return 0.0;
        }
        $length = $this->cast->lengthFt;
        $floor = max($this->cast->bottomNearFt, $this->cast->bottomFarFt);
        $top = $shape->onSurface ? 0.0 : $floor * (1 - $shape->height);

        return $this->path()->secondsBetween($top - $aroundFt, $floor, $length * $shape->from - $aroundFt, $length * $shape->to + $aroundFt);
    }

    /**
     * What a rod is rigged with to be fished so (R22), as the log spells it: feet, a cadence, ounces where it has any weight,
     * inches, and the kind of cast where it is one that can be changed.
     *
     * @return array{depth_ft: float, retrieve: string, weight_oz: ?float, length_in: ?float, cast_kind: ?string}
     */
    public function rigged(): array
    {
        return [
            'depth_ft' => $this->depthFt, 'retrieve' => $this->cadence->key, 'weight_oz' => $this->spec->weightOz ?: null, 'length_in' => $this->spec->lengthIn,
            'cast_kind' => in_array($this->castKind, self::CASTS, true) ? $this->castKind : null,
        ];
    }

    /** R18: the kind of cast for this lure and target. */
    private static function castKind(LureFamily $lure, Reading $reading): string
    {
        $spot = $reading->day->spot;
        // Along a bluff or riprap every cast that is not put to a target lies parallel (R21).
        $along = in_array($spot->structure, [Structure::BluffTransition, Structure::Riprap], true);
        if ($lure->cast === 'skip') {
            return match (true) {
                $spot->isDock() || $spot->isShaded() => 'skip',
                $lure->isMoving() || $along => 'parallel',
                default => $spot->isBare() ? 'long' : 'pitch',
            };
        }
        $kind = in_array($lure->cast, ['flip', 'pitch'], true) && $spot->isBare() ? 'long' : $lure->cast;

        return $along && in_array($kind, ['long', 'fan'], true) ? 'parallel' : $kind;
    }

    /**
     * Working depth and, for divers, the rated depth of the model to take (D1, D2), feet.
     *
     * @return array{float, ?float}
     */
    private static function depth(LureFamily $lure, Reading $reading, float $castFt, ?float $wished): array
    {
        if ($lure->isSurface()) {
            return [0.0, null];
        }
        $stand = $reading->stand;
        $floor = $reading->day->spot->deepFt ?? $stand->deepFt;
        $target = $wished ?? match (true) {
            $lure->columns[0] === Column::Bottom && ! $lure->dives() => self::bottomDepth($lure, $reading),
            $stand->column === Column::Bottom => $stand->middleFt(),
            $reading->day->spot->dock?->kind === DockKind::Floating && $reading->day->species->isBass() => min(2.5, $stand->deepFt),
            // Fish look up: a little above the middle of those that hang there.
            default => self::middleOf($reading) - self::LOOK_UP * $reading->strikeRadiusFt($lure->isLoud()),
        };
        $target = max($lure->hydraulics->fromFt === 0.0 ? 0.5 : min($lure->hydraulics->fromFt, $floor), min($lure->hydraulics->toFt, $target));
        if (! $lure->dives()) {
            return [round($target, 1), null];
        }
        $lineMm = Tackle::lineDiameterMm($lure, $reading->day->species);
        $rated = DiveCurve::ratedFor($target, $lineMm, $castFt);
        $tier = self::tier(Box::of($lure->key, $reading->day)->ratedFt($lure->hydraulics->diveTiersFt), $rated);

        return [round(min(DiveCurve::runningDepthFt($tier, $lineMm, $castFt), max($target, $floor)), 1), $tier];
    }

    /** The depth at which the middle one of those that hang over the water of the cast hangs, feet. */
    private static function middleOf(Reading $reading): float
    {
        $stand = $reading->stand;
        $hangs = $stand->column->hangs();
        $deep = $reading->day->spot->deepFt ?? $stand->deepFt * ($hangs ? self::OPEN_WATER : 1.0);

        return $reading->standing()->middleFt($hangs ? $deep : min($deep, $stand->deepFt));
    }

    /** Bottom lures are fished where the fish are deepest on the bottom; suspended fish are met at their own depth. */
    private static function bottomDepth(LureFamily $lure, Reading $reading): float
    {
        $stand = $reading->stand;

        return $stand->column === Column::Bottom || $stand->column === Column::Mid
            ? $stand->shallowFt + 0.7 * ($stand->deepFt - $stand->shallowFt)
            : $stand->middleFt();
    }

    /**
     * D1: the model that just touches: the shallowest that reaches the depth, else the deepest.
     *
     * @param  non-empty-list<float>  $tiers
     */
    private static function tier(array $tiers, float $rated): float
    {
        foreach ($tiers as $tier) {
            if ($tier >= $rated - 0.5) {
                return $tier;
            }
        }

        return $tiers[array_key_last($tiers)];
    }

    /**
     * The bottom under the cast. Along the break it lies over one depth: where the lure touches, for those that should,
     * else over the deep end of the fish. Across the break the bottom rises to the bank (S4).
     */
    private static function cast(LureFamily $lure, Reading $reading, float $length, CastAngle $angle, float $workFt): Cast
    {
        $spot = $reading->day->spot;
        $stand = $reading->stand;
        $deep = $spot->deepFt ?? max($stand->deepFt, $stand->column === Column::Suspended ? $stand->deepFt * self::OPEN_WATER : 0.0);
        $shallow = $spot->shallowFt ?? min($stand->shallowFt, 1.0);
        if ($angle === CastAngle::Parallel) {
            $touches = ($lure->columns[0] === Column::Bottom || $lure->appeal->deflects) && $stand->column !== Column::Suspended;
            $along = match (true) {
                // Where it touches, yet not over water in which none of them stands.
                $touches => max(1.0, min($deep, max($workFt + $lure->hydraulics->standsOffFt, $stand->shallowFt))),
                $stand->column->hangs() => $deep,
                // Over the bottom that lies just within the reach of those that stand on it.
                $stand->column === Column::Bottom => max(
                    min($stand->shallowFt, $deep), min($deep,
                        max(1.0, $workFt + Standing::OVER_BOTTOM_FT + self::LOOK_UP * $reading->strikeRadiusFt($lure->isLoud()))),
                ),
                default => min($deep, max($stand->deepFt, $workFt + 1.0)),
            };

            return new Cast($length, $angle, $along, $along);
        }
        $near = max($deep, min($spot->depthNearbyFt ?? $deep * 1.4, $deep * 2));
        if ($spot->structure === Structure::Basin) {
            $near = $shallow = $deep;
        } elseif ($stand->column === Column::Bottom || $stand->column === Column::Mid) {
            // It is thrown to where they stand and a little beyond, not to the bank above them.
            [$shallow, $near] = [max($shallow, 0.85 * $stand->shallowFt - 0.5), max($stand->deepFt + 0.5, min($near, 1.15 * $stand->deepFt + 1.0))];
        }

        return new Cast($length, $angle, $near, $shallow);
    }
}
