<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Reading;

/** Sight against sound and vibration by visibility: what cannot be seen must be felt. Basis: handbook 03, rules W4 and L5, the curve our own. */
final class ClarityFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        // 0 at half a foot of visibility, 1 from ten feet: sight grows with the logarithm.
        $seen = max(0.0, min(1.0, log(max(0.1, $reading->day->visibilityFt) / 0.5) / log(20)));
        $felt = 0.45 + 0.95 * (0.7 * $lure->vibration + 0.3 * $lure->sound) - 0.45 * $lure->sight;
        $looked = 0.75 + 0.45 * $lure->sight - 0.25 * max(0.0, $lure->vibration - 0.5) - 0.1 * $lure->sound;
        $effect = max(0.1, (1 - $seen) * $felt + $seen * $looked);
        $text = match (true) {
            $effect >= 0.9 && $seen < 0.5 => Said::of('At {%.1f ft} of visibility its vibration is felt.', $reading->day->visibilityFt),
            $effect >= 0.9 => Said::of('At {%.1f ft} of visibility it is seen from afar.', $reading->day->visibilityFt),
            $seen < 0.5 => Said::of('At {%.1f ft} of visibility too little of it is seen or felt.', $reading->day->visibilityFt),
            default => Said::of('At {%.1f ft} of visibility it is loud for what they can see.', $reading->day->visibilityFt),
        };

        return new Effect('clarity', $effect, $text, $reading->day->clarity === Clarity::Mud ? 'L5' : 'W4');
    }
}
