<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;
use OldEddy\Reading\WaterReader;

/**
 * Says of a dock where fish should be, how deep, what to throw, from where and in which order. Depth, column and lures of
 * each part are those of the reading and the lineup for that part. Basis: rules S10-S19, F11; the worths are our own.
 */
final class DockReader
{
    /** A walkway this long makes a shallow dock of its own (S13), feet. */
    private const LONG_WALKWAY_FT = 30.0;

    private const LURES = 4;

    /** @var list<array{Aim, float, float, float}> part, share of the way from inside to outside, worth at a floating and at a piling dock */
    private const PARTS = [
        [Aim::Walkway, 0.0, 1.25, 1.3], [Aim::InsideCorner, 0.1, 1.2, 1.2], [Aim::InsideEnd, 0.15, 1.1, 1.1], [Aim::Slip, 0.5, 1.0, 0.95],
        [Aim::Floats, 0.7, 0.95, 0.0], [Aim::OutsidePosts, 1.0, 0.85, 0.9],
    ];

    private readonly ?DockShade $shade;

    private readonly Stage $stage;

    private function __construct(private readonly DockPlan $dock, private readonly Settled $day)
    {
        $this->shade = DockShade::of($dock, $day);
        $this->stage = WaterReader::read($day)->stage->stage;
    }

    /** @return non-empty-list<DockMark> in the order in which to cast at them */
    public static function read(DockPlan $dock, Settled $day): array
    {
        $reader = new self($dock, $day);
        $marks = [];
        foreach (self::PARTS as [$part, $share, $floating, $piling]) {
            $worth = $dock->kind === DockKind::Floating ? $floating : $piling;
            if ($worth > 0) {
                $marks[] = $reader->mark($part, $dock->insideFt + $share * ($dock->outsideFt - $dock->insideFt), $worth);
            }
        }
        foreach ($dock->extras as $extra) {
            $marks[] = $reader->extra($extra);
        }
        if (Dock::fishHangOff($day->visibilityFt, $dock->outsideFt)) {
            $marks[] = $reader->at(
                Aim::Around,
                $dock->outsideFt,
                1.5,
                Cover::None,
                'Clear water: they may hang ten feet off it. Cast around it first',
                ['S14'],
            );
        }
        usort($marks, static fn (DockMark $a, DockMark $b): int => $b->worth <=> $a->worth);

        return $marks;
    }

    /** Where the boat stays: far off in clear water, near in colored, on the shaded side so that one's shadow falls behind. */
    public static function boat(DockPlan $dock, Settled $day): DockBoat
    {
        $feet = $day->visibilityFt > Dock::HANG_OFF_OVER_VISIBILITY_FT ? 45 : ($day->visibilityFt < 2 ? 20 : 30);
        $shade = DockShade::of($dock, $day)?->side;
        $side = $shade === DockSide::Left ? DockSide::Left : DockSide::Right;

        return new DockBoat($feet, $side, Said::of('Stay {%d ft} off the outer corner, %s, and cast along it toward the bank; docks carry every noise.', $feet, match ($shade) {
            null => 'on either side',
            DockSide::Outer => 'on either side: the sun stands behind the bank and your shadow falls behind you',
            DockSide::Bank => 'well to one side: the sun stands behind you and your shadow would fall on the dock',
            default => "on its {$side->value}, shaded side: your shadow falls behind you",
        }));
    }

    private function mark(Aim $part, float $waterFt, float $worth): DockMark
    {
        $floating = $this->dock->kind === DockKind::Floating;
        $rules = ['S10', $floating ? 'S11' : 'S12'];
        $said = [];
        $weigh = static function (float $by, string $rule, string|Said $why) use (&$worth, &$rules, &$said): void {
            $worth *= $by;
            $rules[] = $rule;
            $said[] = $why;
        };
        if (! $floating && $waterFt > Dock::POSTS_TO_FT) {
            $weigh(0.7, 'S12', 'deeper than posts hold them: its shallower part is better');
        }
        if ($part === Aim::Walkway && $this->dock->walkwayFt >= self::LONG_WALKWAY_FT) {
            $weigh(1.15, 'S13', 'a long walkway is a shallow dock of its own');
        }
        if ($waterFt <= 2.5 && ShadeCounts::matters($this->day)) {
            $weigh(1.15, 'S13', 'super shallow: big fish hold in the shade');
        }
        if ($part === Aim::InsideEnd && $waterFt <= Dock::BOTTOM_UNDER_FT) {
            $weigh(1.1, 'S11', Said::of('best when {5 ft} or less'));
        }
        [$by, $why] = $this->forSpecies($waterFt);
        if ($why !== null) {
            $weigh($by, 'F11', $why);
        } elseif ($this->stage === Stage::Summer && $waterFt >= 10) {
            $weigh(1.25, 'S19', 'deep docks in summer: shaded side and front');
        }
        $side = null;
        if ($this->shade !== null && ShadeCounts::matters($this->day)) {
            [$side, $why] = $this->onShade($part);
            if ($why !== null) {
                $weigh(1.1, 'S15', $why);
            }
        }

        return $this->at($part, $waterFt, $worth, Cover::Dock, Said::capital(Said::listed('; ', ...$said)), $rules, $side);
    }

    /**
     * How much more or less a species uses this depth of a dock, and why; largemouth use all of it (F11).
     *
     * @return array{float, ?string}
     */
    private function forSpecies(float $waterFt): array
    {
        if ($this->day->species === Species::SmallmouthBass) {
            if ($this->dock->outsideFt < 8 || ! $this->day->clarity->isClear()) {
                return [0.5, 'smallmouth seldom use docks, only deeper, clear ones'];
            }

            return $waterFt >= 8 ? [1.35, 'deep and clear: the end where smallmouth use a dock'] : [0.6, 'smallmouth keep to the deep end'];
        }
        if ($this->day->species === Species::SpottedBass && $this->stage !== Stage::Spawn) {
            return $waterFt >= 6 ? [1.4, 'spotted bass suspend around docks'] : ($waterFt < 4 ? [0.7, 'shallow for spotted bass, which suspend'] : [1.0, null]);
        }

        return [1.0, null];
    }

    /** @return array{?DockSide, ?string} the side of a part to cast at, and the reason where the part gains by it */
    private function onShade(Aim $part): array
    {
        $side = $this->shade?->side;
        $where = match ($part) {
            Aim::Walkway, Aim::Slip, Aim::Floats => [DockSide::Left, DockSide::Right],
            Aim::OutsidePosts, Aim::Ladder => [DockSide::Left, DockSide::Right, DockSide::Outer],
            Aim::InsideEnd, Aim::InsideCorner => [DockSide::Left, DockSide::Right, DockSide::Bank],
            default => [],
        };

        return $side !== null && in_array($side, $where, true) ? [$side, match ($side) {
            DockSide::Outer => 'its shade lies off the outer end',
            DockSide::Bank => 'its shade lies towards the bank',
            default => "cast to the {$side->value}, shaded side",
        }] : [null, null];
    }

    private function extra(Extra $extra): DockMark
    {
        $out = $this->dock->outsideFt;
        $in = $this->dock->insideFt;
        $planted = ucfirst($extra->words()).': somebody fishes here; brush is planted below, usually outside';
        // S15: sunny brush counts less than shade where shade counts.
        $brush = ShadeCounts::matters($this->day) ? 1.0 : 1.3;

        return match ($extra) {
            Extra::Ladder => $this->mark(Aim::Ladder, $out, 1.15),
            Extra::Lift => $this->mark(Aim::Lift, ($in + $out) / 2, 1.15),
            Extra::RodHolders, Extra::Lights => $this->at(Aim::PlantedBrush, $out, $brush + 0.05, Cover::Brush, $planted, ['S10', 'S15']),
            Extra::Brush => $this->at(
                Aim::Brush,
                $out,
                $brush,
                Cover::Brush,
                Said::of('The shaded side without brush is better than sunny brush above {50 °F}'),
                ['S15'],
            ),
            Extra::Tangle => $this->at(Aim::Tangle, $in, 1.45, Cover::Dock, 'What everyone else leaves alone holds the best fish. Cast within inches', ['S18']),
            Extra::Cable => $this->at(Aim::Cable, $out, 0.9, Cover::Dock, 'Along the cable', ['S10']),
            Extra::Ramp, Extra::RockTransition, Extra::SteepToFlat, Extra::Stump, Extra::CutBehind => $this->at(
                Aim::ofBank($extra),
                $in,
                1.35,
                $extra === Extra::Stump ? Cover::Stumps : Cover::Rock,
                'The bank changes here: read it as if no dock stood there',
                ['S16'],
            ),
        };
    }

    /** @param  list<string>  $rules */
    private function at(Aim $part, float $waterFt, float $worth, Cover $cover, string|Said $text, array $rules, ?DockSide $side = null): DockMark
    {
        $reading = $this->reading($cover, $waterFt);
        $stand = $reading->stand;
        $suspended = $stand->column === Column::Suspended;
        $fishFt = $reading->standing()->middleFt($waterFt);
        $how = match (true) {
            $suspended && $cover === Cover::Dock => Said::of('suspended, {%.0f-%.0f ft} down', $stand->shallowFt, min($waterFt, $stand->deepFt)),
            $stand->column === Column::Bottom => 'on the bottom',
            default => Said::of('{%.0f-%.0f ft} down', $stand->shallowFt, min($waterFt, $stand->deepFt)),
        };
        $lures = LureRanking::of($reading)->best(self::LURES);

        return new DockMark(
            $part,
            $waterFt,
            $fishFt,
            $suspended,
            $worth,
            $lures,
            Said::joined(Said::of('{%.0f ft} here: %s.', $waterFt, $how), (string) $text === '' ? '' : Said::of(' %s.', $text)),
            array_values(array_unique($rules)),
            $side,
        );
    }

    /** The water at a part of this depth: the dock itself, or what lies beside it. */
    private function reading(Cover $cover, float $waterFt): Reading
    {
        $shaded = $this->shade !== null && ShadeCounts::matters($this->day);
        $deep = max(0.5, $waterFt);

        return WaterReader::read($this->day->with(['spot' => $cover === Cover::Dock
            ? new Spot(Structure::Dock, [$cover], null, 0.0, $deep, null, new Dock($this->dock->kind, null, $deep), $shaded)
            : new Spot(null, [$cover], null, min(2.0, $waterFt), $deep, null, null, $shaded)]));
    }
}
