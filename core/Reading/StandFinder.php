<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Marks;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Day\Water\Sight;

/**
 * Where the fish stand today: the stage's place, moved by clarity, light, front, level, inflow, heat, shade and dock,
 * then fitted into the spot. Basis: the rules named at each step; the sizes of the moves are our own.
 */
final class StandFinder
{
    /** Water this warm is extreme heat, °F (F7, W11). */
    private const HEAT_F = 86.0;

    /** From here fish rise in low light, °F (L20; our own). */
    private const RISES_FROM_F = 58.0;

    /** Fish of deeper water keep to the lower part of one that is shallower: from this share of it down. Own choice. */
    private const LOWER_PART = 0.6;

    /** @var array<string, Column> */
    private const ABOVE = ['bottom' => Column::Mid, 'mid' => Column::Surface, 'suspended' => Column::Suspended, 'surface' => Column::Surface];

    private function __construct(private readonly Settled $day, private readonly Stage $stage, private readonly Mood $mood)
    {
    }

    /** The stand on this day in this stage and mood. */
    public static function find(Settled $day, Stage $stage, Mood $mood): Stand
    {
        $finder = new self($day, $stage, $mood);
        $stand = $finder->ofStage();
        $stand = $finder->byClarity($stand);
        $stand = $finder->onSpringFlats($stand);
        $stand = $finder->byLight($stand);
        $stand = $finder->byLevel($stand);
        $stand = $finder->byHeat($stand);
        $stand = $finder->byInflow($stand);
        $stand = $finder->byFront($stand);
        $stand = $finder->byFeeding($stand);
        $stand = $finder->byShade($stand);
        $stand = $finder->underRoof($stand);
        $stand = $finder->inCurrent($stand);
        $stand = $finder->inKindOfWater($stand);
        $stand = $finder->withinSpot($stand);

        return $finder->byMarks($finder->atDock($stand));
    }

    private function ofStage(): Stand
    {
        static $places = null;
        $places ??= require __DIR__.'/places.php';
        [$depth, $column, $tightness, $structures, $covers] = $places[$this->day->species->value][$this->stage->value];
        $stand = new Stand(
            $depth[0], $depth[1], Column::from($column), Tightness::from($tightness),
            array_map(Structure::from(...), $structures), array_map(Cover::from(...), $covers),
        );
        if ($this->day->species->group() === 'walleyes' && ! $this->day->current->runs() && $this->stage === Stage::Summer) {
            // Over the open basin of a big lake they suspend whether bait was seen or not (F17); on structure they keep to the bottom.
            $basin = $this->day->spot->structure === Structure::Basin && in_array($this->day->waterbody, [Waterbody::NaturalLake, Waterbody::Reservoir], true);

            return $basin || $this->day->saw(Observed::BaitFlicking) || $this->day->saw(Observed::Schooling)
                ? $stand->inColumn(Column::Suspended)->firstAt(Structure::Basin)
                : $stand;
        }

        return $stand;
    }

    /** W3, W4, W14: dirtier is shallower and tighter; clearer deeper, farther from cover, suspended. */
    private function byClarity(Stand $stand): Stand
    {
        // Winter groups keep to their depth more than to the light.
        $power = $this->stage === Stage::Winter ? 0.12 : 0.3;
        $scale = max(0.5, min(1.5, ($this->day->visibilityFt / 4.0 + 1e-9) ** $power));
        if ($this->day->clarityShift === ClarityShift::SharplyDown) {
            $scale *= 0.85;
        }
        $stand = $stand->scaled($scale, $scale);
        if ($this->day->clarity === Clarity::Mud) {
            return $stand->held(Tightness::Tight)->inColumn($stand->column === Column::Suspended ? Column::Mid : $stand->column);
        }
        $open = ! $this->day->spot->hasPlants() && ! $this->day->spot->hasWood();
        if ($this->day->clarity === Clarity::Gin && $open && $stand->column === Column::Mid) {
            return $stand->inColumn(Column::Suspended)->held(Tightness::Roaming);
        }

        return $stand;
    }

    /** F18: smallmouth in spring come onto flats of 8 to 3 ft on natural lakes and big rivers, however clear the water. */
    private function onSpringFlats(Stand $stand): Stand
    {
        $flats = $this->day->species === Species::SmallmouthBass && $this->stage === Stage::Prespawn
            && in_array($this->day->waterbody, [Waterbody::NaturalLake, Waterbody::River], true);

        return $flats ? $stand->firstAt(Structure::Flat)->between(3.0, max(8.0, min(12.0, $stand->deepFt))) : $stand;
    }

    /** L20: in the low light of warm water willing fish hold a part of the column higher. */
    private function rises(): bool
    {
        return $this->day->lowLight && $this->day->tempF >= self::RISES_FROM_F && ! $this->mood->isNegative() && $this->stage !== Stage::Spawn;
    }

    /** W15, W16: clouds and low light lift fish and let them roam; bright sun pushes them down and into cover. */
    private function byLight(Stand $stand): Stand
    {
        if ($this->stage === Stage::Winter) {
            return $stand;
        }
        if ($this->day->sky->isCovered() || $this->day->lowLight) {
            $stand = $this->rises() ? $stand->scaled(0.6, 0.88)->inColumn(self::ABOVE[$stand->column->value]) : $stand->scaled(0.8, 0.88);

            $sees = $this->day->visibilityFt >= Sight::FAILS_UNDER_FT && $this->day->clarityShift !== ClarityShift::SharplyDown;

            return $stand->tightness === Tightness::Near && $sees && ! $this->mood->isNegative() ? $stand->held(Tightness::Roaming) : $stand;
        }
        if ($this->day->sky === Sky::Clear) {
            $stand = $stand->scaled(1.1, 1.12);

            return $stand->tightness === Tightness::Roaming ? $stand->held(Tightness::Near) : $stand;
        }

        return $stand;
    }

    /** W12: rising water draws fish into new shallow cover at once; falling water pushes them to what keeps depth. */
    private function byLevel(Stand $stand): Stand
    {
        if ($this->day->isRising() && $this->stage !== Stage::Winter) {
            return $stand->scaled(0.6, 0.75)->firstIn(Cover::FloodedBushes, Cover::Wood);
        }
        if ($this->day->isFalling()) {
            return $stand->between(max(2.0, $stand->shallowFt), $stand->deepFt * 1.1);
        }

        return $stand;
    }

    /** F7, W11: under extreme heat low in the grass or deep. */
    private function byHeat(Stand $stand): Stand
    {
        if ($this->day->tempF < self::HEAT_F || $this->day->isRising()) {
            return $stand;
        }
        if ($this->day->spot->hasPlants()) {
            return $stand->inColumn(Column::Bottom)->held(Tightness::Tight);
        }

        return $stand->scaled(1.2, 1.15)->firstIn(Cover::GrassSubmerged, Cover::Shade);
    }

    /** W6: warm inflow draws fish to the very back of the creek; cold mud empties it. */
    private function byInflow(Stand $stand): Stand
    {
        if ($this->day->inflow->isWarm() && $this->stage !== Stage::Summer) {
            return $stand->scaled(0.5, 0.7)->firstAt(Structure::BackOfCreek, Structure::CreekMouth, Structure::Dock, Structure::RockPile);
        }
        if ($this->day->inflow->isColdMud()) {
            if ($this->day->schools->chosen('cold_mud') === 'stay_slow') {
                return $stand->held(Tightness::Tight);
            }

            return $stand->scaled(1.3, 1.3)->without(Structure::BackOfCreek, Structure::CreekMouth, Structure::CreekBend)
                ->firstAt(Structure::MainPoint, Structure::SecondaryPoint);
        }

        return $stand;
    }

    /** W14: after a front tight to cover, or buried at the first deeper edge, 10 to 15 ft. */
    private function byFront(Stand $stand): Stand
    {
        if (! $this->day->front->isPost()) {
            return $stand;
        }
        $stand = $stand->held(Tightness::Tight);
        $spot = $this->day->spot;
        $edge = $spot->has(Cover::GrassEdge) || ($spot->structure === null && $spot->isBare() && ! $this->stage->isCold());
        if ($edge && ($spot->deepFt ?? 99) >= 10 && $this->day->species->isBass() && $this->day->clarity !== Clarity::Mud) {
            return $stand->between(max(8.0, $stand->shallowFt), max(15.0, $stand->deepFt))->inColumn(Column::Bottom)->firstIn(Cover::GrassEdge);
        }

        return $stand->column === Column::Surface ? $stand->inColumn(Column::Mid) : $stand;
    }

    /** Fish seen feeding up outrank the table: schooling and flicking bait mean fish high in the water. */
    private function byFeeding(Stand $stand): Stand
    {
        if ($this->day->tempF < 55 || ($this->stage === Stage::Spawn && ! $this->day->saw(Observed::Schooling))) {
            return $stand;
        }
        if ($this->day->saw(Observed::Schooling)) {
            return $stand->inColumn($this->mood->isNegative() ? Column::Suspended : Column::Surface)->held(Tightness::Roaming);
        }
        if ($this->day->saw(Observed::BaitFlicking) && ! $this->mood->isNegative()) {
            return $stand->inColumn($this->day->lowLight ? Column::Surface : ($stand->column === Column::Bottom ? Column::Mid : $stand->column));
        }

        return $stand;
    }

    /** F16: in bright sun fish under a roof are tight to it. */
    private function underRoof(Stand $stand): Stand
    {
        $roofed = $this->day->spot->isRoofed() && $this->day->sky === Sky::Clear && ! $this->day->lowLight && $this->stage !== Stage::Winter;

        return $roofed ? $stand->held(Tightness::Tight) : $stand;
    }

    /** F20: walleye in current keep the bottom, also in low light. */
    private function inCurrent(Stand $stand): Stand
    {
        return $this->day->current->runs() && $this->day->species->group() === 'walleyes' ? $stand->inColumn(Column::Bottom) : $stand;
    }

    /** F23: where nobody named a place, look for what such water has, and no deeper than it usually is. */
    private function inKindOfWater(Stand $stand): Stand
    {
        static $waters = null;
        $waters ??= require __DIR__.'/waters.php';
        $water = $waters[$this->day->waterbody->value] ?? null;
        $spot = $this->day->spot;
        if ($water === null) {
            return $stand;
        }
        if ($spot->structure === null) {
            $stand = $stand->among(array_map(Structure::from(...), $water['has']), array_map(Structure::from(...), $water['typical']));
        }
        if ($spot->deepFt !== null) {
            return $stand;
        }
        $deepest = $water[$this->day->species->isBass() ? 'deepest_bass' : 'deepest'];

        return $stand->between(min($stand->shallowFt, self::LOWER_PART * $deepest), min($stand->deepFt, $deepest));
    }

    /**
     * F24: what the sounder showed overrides the band: fish at their depth, else at and below the bait; in warm water none below
     * the thermocline. Fish marked well above all the bottom there is hang.
     */
    private function byMarks(Stand $stand): Stand
    {
        $marks = $this->day->marks;
        $floor = $this->day->spot->deepFt ?? INF;
        $end = $this->stage->isWarm() ? min($floor, $marks->thermoclineFt ?? INF) : $floor;
        if ($marks->fishFt !== null && $marks->fishFt <= $floor) {
            $stand = $stand->between(max(0.5, $marks->fishFt - Marks::SPREAD_FT), min($floor, $marks->fishFt + Marks::SPREAD_FT));
            $over = ($this->day->spot->shallowFt ?? 0.0) - $marks->fishFt;

            return $over > Marks::SPREAD_FT ? $stand->inColumn(Column::Suspended)
                : ($marks->fishFt <= Standing::SURFACE_FT || $stand->column !== Column::Surface ? $stand : $stand->inColumn(Column::Mid));
        }
        if ($marks->baitFt !== null && $marks->baitFt <= $end && $this->stage !== Stage::Spawn) {
            $stand = $stand->between(max(0.5, $marks->baitFt - Marks::SPREAD_FT), min($end, $marks->baitFt + 2 * Marks::SPREAD_FT));
            $stand = $stand->column === Column::Surface ? $stand->inColumn(Column::Mid) : $stand;
        }

        return $stand->deepFt > $end ? $stand->between(min($stand->shallowFt, self::LOWER_PART * $end), $end) : $stand;
    }

    /** S20, S21: in warm months a shade line holds fish on its edge; how far out depends on how far they see. */
    private function byShade(Stand $stand): Stand
    {
        $shaded = $stand->firstIn(Cover::Shade);

        return match ($this->day->species->isBass() ? ShadeLine::fished($this->day) : null) {
            null => $stand,
            ShadeLine::Murk => $shaded->between(0.5, 3.0)->held(Tightness::Tight),
            ShadeLine::Stain => $shaded->between(3.0, 5.0),
            ShadeLine::Clear => $shaded->between(2.0, min(8.0, max(6.0, $shaded->deepFt)))->inColumn(
                $shaded->column === Column::Surface ? Column::Surface : Column::Suspended,
            ),
        };
    }

    /** The spot's own depths bound the band; a band that misses the spot is taken to its nearer edge. */
    private function withinSpot(Stand $stand): Stand
    {
        [$top, $floor] = [$this->day->spot->shallowFt, $this->day->spot->deepFt];
        if ($top === null || $floor === null) {
            return $stand;
        }
        // Suspended fish over deep water may be higher than the spot's own shallowest bottom.
        $highest = $stand->column->hangs() ? min($top, $stand->shallowFt) : $top;
        $shallow = max($highest, min($floor, $stand->shallowFt));
        $deep = max($highest, min($floor, $stand->deepFt));
        if ($deep - $shallow < 1.0) {
            // Nothing of the band is in reach: the deeper or the shallower third of the spot.
            $third = max(0.5, ($floor - $top) / 3);
            [$shallow, $deep] = $stand->shallowFt >= $floor
                ? [max($top, $floor - $third), $floor]
                : ($stand->deepFt <= $top ? [$top, min($floor, $top + $third)] : [max($highest, $deep - 1.0), $deep]);
        }

        return $stand->between($shallow, $deep);
    }

    /** S11, S12: floating docks by depth at the part; piling docks on the bottom at the posts. Smallmouth seldom use docks. */
    private function atDock(Stand $stand): Stand
    {
        $dock = $this->day->spot->dock;
        if ($dock === null || ! $this->day->species->isBass()) {
            return $stand;
        }
        $stand = $this->day->species === Species::SmallmouthBass ? $stand : $stand->firstAt(Structure::Dock)->firstIn(Cover::Dock);
        $depth = $dock->depthFt ?? $this->day->spot->deepFt ?? Dock::USUAL_FT;
        // Only at deep docks in clear water do they hang off it (S14, F16).
        $off = Dock::fishHangOff($this->day->visibilityFt, $depth) && ! $this->day->front->isPost();
        $tight = $off ? Tightness::Near : Tightness::Tight;
        if ($dock->kind === DockKind::Piling) {
            return $stand->between(max(0.5, $depth * 0.6), $depth)->inColumn(Column::Bottom)->held($tight);
        }
        if ($this->day->species === Species::SpottedBass && $this->stage === Stage::Spawn) {
            // Spawning spotted bass stay on the bottom, docks included (F17).
            return $stand->between(max(0.5, $depth * 0.6), $depth)->inColumn(Column::Bottom)->held($tight);
        }
        if ($this->day->species === Species::SpottedBass && $depth >= Dock::BOTTOM_UNDER_FT) {
            return $stand->between(1.0, min($depth, 8.0))->inColumn(Column::Suspended)->held($tight);
        }
        if ($depth < Dock::BOTTOM_UNDER_FT) {
            return $stand->between(max(0.5, $depth * 0.5), $depth)->inColumn(Column::Bottom)->held($tight);
        }
        if ($depth <= Dock::FLOATS_OVER_FT) {
            return $stand->between(2.0, $depth)->inColumn($this->mood->isNegative() ? Column::Bottom : Column::Mid)->held($tight);
        }
        $deep = $this->stage === Stage::Summer && $depth >= Dock::DEEP_FROM_FT && $this->day->sky === Sky::Clear && ! $this->day->lowLight;

        return ($deep ? $stand->between(8.0, 15.0) : $stand->between(1.0, min($depth, 7.0)))->inColumn(Column::Suspended)->held($tight);
    }
}
