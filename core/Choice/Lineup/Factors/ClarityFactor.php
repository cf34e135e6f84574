<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Reading;

/**
 * Sight against sound and vibration by visibility: what cannot be seen must be felt. What lands beside the fish is found in
 * any water. Basis: rules W4, L5 and L15, the curve our own.
 */
final readonly class ClarityFactor implements Factor
{
    /** What is flipped, pitched or skipped lands within a foot of the fish: stain does not hide it (L15). */
    private const BESIDE_THE_FISH = 1.0;

    /** From here a lure fits what fish see. */
    private const FITS = 0.9;

    private function __construct(private float $visibilityFt, private float $seen, private bool $mud, private bool $atTargets)
    {
    }

    public static function on(Reading $reading): self
    {
        $feet = $reading->day->visibilityFt;

        // 0 at half a foot of visibility, 1 from ten feet: sight grows with the logarithm.
        $seen = max(0.0, min(1.0, log(max(0.1, $feet) / 0.5) / log(20)));

        return new self($feet, $seen, $reading->day->clarity === Clarity::Mud, $reading->day->spot->hasTargets());
    }

    public function number(LureFamily $lure): float
    {
        $is = $lure->appeal;
        $felt = $this->atTargets && $lure->isForTargets() ? self::BESIDE_THE_FISH : 0.45 + 0.95 * (0.7 * $is->vibration + 0.3 * $is->sound) - 0.45 * $is->sight;
        $looked = 0.75 + 0.45 * $is->sight - 0.25 * max(0.0, $is->vibration - 0.5) - 0.1 * $is->sound;

        return max(0.1, (1 - $this->seen) * $felt + $this->seen * $looked);
    }

    public function effect(LureFamily $lure): Effect
    {
        $number = $this->number($lure);
        $text = 'At {%.1f ft} of visibility '.match (true) {
            $this->atTargets && $lure->isForTargets() && $this->seen < 0.5 => 'it still lands beside the fish.',
            $number >= self::FITS && $this->seen < 0.5 => 'its vibration is felt.',
            $number >= self::FITS => 'it is seen from afar.',
            $this->seen < 0.5 => 'too little of it is seen or felt.',
            default => 'it is loud for what they can see.',
        };

        return new Effect(
            'clarity',
            $number,
            Said::of($text, $this->visibilityFt),
            $this->atTargets && $lure->isForTargets() ? 'L15' : ($this->mud ? 'L5' : 'W4'),
        );
    }
}
