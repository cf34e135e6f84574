<?php

declare(strict_types=1);

namespace OldEddy\Docks;

use OldEddy\Conditions\DockKind;
use OldEddy\Conditions\Settled;
use OldEddy\Reading\Shade;
use OldEddy\Season\Species;
use OldEddy\Season\Stage;

/** Says of a dock where fish should be, how deep, what to throw and in which order. Basis: rules S10-S19; the worths are our own. */
final class DockReader
{
    /** Under this depth fish of a floating dock are on the bottom, over the other suspended (S11), feet. */
    private const ON_BOTTOM_FT = 5.0;

    private const SUSPENDED_FT = 6.0;

    /** Beyond this visibility fish hang about ten feet off the dock (S14), feet. */
    private const CLEAR_FT = 5.5;

    /** @var list<array{string, float, float, float}> part, share of the way from inside to outside, worth at a floating and at a piling dock */
    private const PARTS = [
        ['walkway', 0.0, 1.25, 1.3], ['inside corner', 0.1, 1.2, 1.2], ['inside end', 0.15, 1.1, 1.1], ['slip', 0.5, 1.0, 0.95], ['floats', 0.7, 0.95, 0.0], ['outside posts', 1.0, 0.85, 0.9],
    ];

    /** @return non-empty-list<DockMark> in the order in which to cast at them */
    public static function read(DockPlan $dock, Settled $day): array
    {
        $marks = [];
        foreach (self::PARTS as [$part, $share, $floating, $piling]) {
            $worth = $dock->kind === DockKind::Floating ? $floating : $piling;
            if ($worth > 0) {
                $marks[] = self::mark($part, $dock->insideFt + $share * ($dock->outsideFt - $dock->insideFt), $worth, $dock, $day);
            }
        }
        foreach ($dock->extras as $extra) {
            $marks[] = self::extra($extra, $dock, $day);
        }
        if ($day->visibilityFt > self::CLEAR_FT) {
            $depth = $dock->outsideFt;
            $marks[] = new DockMark('water around it', $depth, min($depth, 4.0), true, 1.5, self::swimming($day), 'Clear water: they may hang ten feet off it. Cast around it first.', ['S14']);
        }
        usort($marks, static fn (DockMark $a, DockMark $b): int => $b->worth <=> $a->worth);

        return $marks;
    }

    /** Where the boat stays: far off in clear or shallow water, and out of the way of the best cast. */
    public static function boat(DockPlan $dock, Settled $day): string
    {
        $feet = $day->visibilityFt > self::CLEAR_FT ? 45 : ($day->visibilityFt < 2 ? 20 : 30);

        return sprintf('Stay %d ft off the outer corner, bow along the bank, on the side away from the sun so that no shadow falls on it; docks carry every noise.', $feet);
    }

    private static function mark(string $part, float $waterFt, float $worth, DockPlan $dock, Settled $day): DockMark
    {
        $suspended = $dock->kind === DockKind::Floating && $waterFt > self::SUSPENDED_FT;
        $either = $dock->kind === DockKind::Floating && $waterFt >= self::ON_BOTTOM_FT && ! $suspended;
        $rules = ['S10', $dock->kind === DockKind::Floating ? 'S11' : 'S12'];
        $said = [];
        if ($dock->kind === DockKind::Piling && $waterFt > 6) {
            $worth *= 0.7;
            $said[] = 'deeper than posts hold them: its shallower part is better';
        }
        if ($part === 'walkway' && $dock->walkwayFt >= 30) {
            $worth *= 1.15;
            $rules[] = 'S13';
            $said[] = 'a long walkway is a shallow dock of its own';
        }
        if ($waterFt <= 2.5 && Shade::matters($day)) {
            $worth *= 1.15;
            $rules[] = 'S13';
            $said[] = 'super shallow: big fish hold in the shade';
        }
        if ($part === 'inside end' && $waterFt <= 5) {
            $worth *= 1.1;
            $said[] = 'best when 5 ft or less';
        }
        if ($day->species === Species::SpottedBass || $day->species === Species::SmallmouthBass) {
            // They like the outer, deeper end of things; largemouth the inner.
            $worth *= $waterFt >= 8 ? 1.35 : ($waterFt < 4 ? 0.7 : 1.0);
            $said[] = $day->species->words().': rather the deep, outer end';
        } elseif (self::isDeepSummer($day) && $waterFt >= 10) {
            $worth *= 1.25;
            $rules[] = 'S19';
            $said[] = 'deep docks in summer: shaded side and front';
        }
        $fishFt = match (true) {
            $suspended && self::isDeepSummer($day) && $waterFt >= 14 => 12.0,
            $suspended => 2.5,
            default => $waterFt,
        };
        $how = match (true) {
            $suspended => sprintf('suspended near %.0f ft, under the floats', $fishFt),
            $either => 'on the bottom or just under the floats',
            default => 'on the bottom',
        };

        return new DockMark($part, $waterFt, $fishFt, $suspended, $worth, self::lures($dock->kind, $waterFt, $suspended, $day), ucfirst(implode('; ', [sprintf('%.0f ft here: %s', $waterFt, $how), ...$said])).'.', $rules);
    }

    private static function extra(Extra $extra, DockPlan $dock, Settled $day): DockMark
    {
        $out = $dock->outsideFt;
        $in = $dock->insideFt;
        $bottom = self::lures($dock->kind, min($in, 4.0), false, $day);

        return match ($extra) {
            Extra::Ladder => self::mark('ladder', $out, 1.15, $dock, $day),
            Extra::Lift => self::mark('watercraft lift', ($in + $out) / 2, 1.15, $dock, $day),
            Extra::RodHolders, Extra::Lights => new DockMark('planted brush outside', $out + 2, $out + 2, false, $day->tempF > 50 && Shade::matters($day) ? 1.05 : 1.3, ['casting_jig', 'creature_texas_rig', 'shaky_head'], ucfirst($extra->words()).': somebody fishes here; brush is planted below, usually outside.', ['S10', 'S15']),
            Extra::Brush => new DockMark('brush', $out, $out, false, Shade::matters($day) ? 1.0 : 1.3, ['casting_jig', 'creature_texas_rig'], 'Brush: the shaded side without brush is better than sunny brush above 50 °F.', ['S15']),
            Extra::Tangle => new DockMark('the tangle', $in, $in, false, 1.45, ['flipping_jig', 'creature_texas_rig', 'stick_worm'], 'What everyone else leaves alone holds the best fish. Cast within inches.', ['S18']),
            Extra::Cable => new DockMark('cable', $out, min(3.0, $out), true, 0.9, $bottom, 'Along the cable.', ['S10']),
            Extra::Ramp, Extra::RockTransition, Extra::SteepToFlat, Extra::Stump, Extra::CutBehind => new DockMark(str_replace(' beside', '', $extra->words()), $in, $in, false, 1.35, $bottom, 'The bank changes here: read it as if no dock stood there.', ['S16']),
        };
    }

    /** @return list<string> lure keys, best first */
    private static function lures(DockKind $kind, float $waterFt, bool $suspended, Settled $day): array
    {
        if ($kind === DockKind::Piling) {
            return in_array($day->direction->value, ['cooling'], true) && $day->tempF < 72
                ? ['glide_bait', 'paddletail_swimbait', 'stick_worm', 'shaky_head']
                : ['stick_worm', 'shaky_head', 'finesse_jig'];
        }

        return $suspended ? self::swimming($day) : ['finesse_jig', 'creature_texas_rig', 'stick_worm'];
    }

    /** @return list<string> */
    private static function swimming(Settled $day): array
    {
        return $day->visibilityFt >= 3 ? ['jerkbait', 'spinnerbait', 'bladed_jig', 'paddletail_swimbait'] : ['spinnerbait', 'bladed_jig', 'swim_jig'];
    }

    private static function isDeepSummer(Settled $day): bool
    {
        return ($day->stageGiven === null || $day->stageGiven === Stage::Summer) && $day->tempF >= 78;
    }
}
