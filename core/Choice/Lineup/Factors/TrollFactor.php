<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Reading\Reading;

/** Drawn behind the boat or cast. Basis: rule T3, factors our own. */
final readonly class TrollFactor extends ReadyFactor
{
    private function __construct(private Effect $trolled, private Effect $slow, private Effect $diver)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $made = new Effect('troll', 1.5, 'Made to be trolled.', 'T3');
        // A slow plug is kept alive by the chop, and is for fish that are up to follow it.
        $slow = $reading->day->isWindy() && $reading->mood->isActive()
            ? new Effect('troll', 1.65, 'Trolled slowly with much flash and vibration: they are active, and chop helps.', 'T3') : $made;

        return $reading->day->mode === Mode::Troll ? new self($made, $slow, new Effect('troll', 0.9, 'A diver can be trolled too.', 'T3')) : null;
    }

    protected function about(LureFamily $lure): Effect
    {
        return ! $lure->trolled ? $this->diver : ($lure->dives() ? $this->slow : $this->trolled);
    }
}
