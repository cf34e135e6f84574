<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** Docks by kind and depth. Basis: rules S11, S12 and S19, factors our own. */
final class DockFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $dock = $reading->day->spot->dock;
        if ($dock === null) {
            return null;
        }
        $depth = $dock->depthFt ?? $reading->day->spot->deepFt ?? 6.0;
        if ($dock->kind === DockKind::Piling) {
            $fall = in_array($reading->stage->stage, [Stage::EarlyFall, Stage::Fall], true);

            return match (true) {
                in_array($lure->key, ['stick_worm', 'shaky_head', 'wacky_rig'], true) => new Effect('dock', 1.3, 'Skipped to the posts, where they hold on the bottom.', 'S12'),
                $fall && in_array($lure->key, ['glide_bait', 'paddletail_swimbait'], true) => new Effect('dock', 1.3, 'Piling docks in fall.', 'S12'),
                default => null,
            };
        }
        if ($depth < 5.0) {
            return in_array($lure->key, ['flipping_jig', 'casting_jig', 'finesse_jig', 'creature_texas_rig', 'stick_worm', 'shaky_head', 'wacky_rig'], true)
                ? new Effect('dock', 1.3, Said::of('Floating dock over {%.0f ft}: they are on the bottom.', $depth), 'S11') : null;
        }
        if ($depth >= 15 && in_array($lure->key, ['flutter_spoon', 'football_jig', 'drop_shot'], true)) {
            return new Effect('dock', 1.3, 'Deep dock: suspended fish.', 'S19');
        }
        if ($depth > 6.0 && in_array($lure->key, ['jerkbait', 'spinnerbait', 'bladed_jig', 'paddletail_swimbait', 'swim_jig', 'underspin_swimbait'], true)) {
            return new Effect('dock', 1.3, Said::of('Floating dock over {%.0f ft}: swim it just beneath the floats.', $depth), 'S11');
        }

        return null;
    }
}
