<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Day\Season\Fish;

/** A fish's weight and what it comes from (rule Y6). */
final readonly class Weighed
{
    /** W(lb) = L·G²/800 in inches: common rule of thumb, from memory. */
    private const GIRTH_DIVISOR = 800;

    private function __construct(public Mass $mass, public WeighedBy $by)
    {
    }

    /**
     * The surest weight that what was taken of a fish gives: by the scale, by length and girth, by eye, by length alone; null where
     * nothing says it. A weight typed without saying how counts as by eye.
     *
     * @param  ?float  $lengthIn  over 0
     * @param  ?float  $girthIn  over 0
     * @param  ?float  $weightLb  as typed, over 0
     */
    public static function of(Fish $species, ?float $lengthIn, ?float $girthIn = null, ?float $weightLb = null, ?WeighedBy $typed = null): ?self
    {
        if ($weightLb !== null && $typed === WeighedBy::Scale) {
            return new self(Mass::fromPounds($weightLb), WeighedBy::Scale);
        }
        if ($lengthIn !== null && $girthIn !== null) {
            return new self(Mass::fromPounds($lengthIn * $girthIn ** 2 / self::GIRTH_DIVISOR), WeighedBy::Girth);
        }
        if ($weightLb !== null) {
            return new self(Mass::fromPounds($weightLb), WeighedBy::Eye);
        }
        $standard = $lengthIn === null ? null : StandardWeight::of($species, Length::fromInches($lengthIn));

        return $standard === null ? null : new self($standard, WeighedBy::Length);
    }
}
