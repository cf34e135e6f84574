<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Smaller after fronts, under pressure, in clear calm. Basis: rules L10 and W14, factors our own. */
final readonly class SizeFactor extends ReadyFactor
{
    private function __construct(private Effect $compact, private Effect $big)
    {
    }

    public static function on(Reading $reading): ?self
    {
        return SpecChooser::asksForSmaller($reading) ? new self(
            $reading->day->front->isPost()
                ? new Effect('size', 1.25, 'Small and compact, as after a front.', 'W14')
                : new Effect('size', 1.15, 'Small and compact for wary fish.', 'L10'),
            new Effect('size', 0.6, 'Too big for wary fish.', 'L10'),
        ) : null;
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return $lure->appeal->compact ? $this->compact : ($lure->appeal->big ? $this->big : null);
    }
}
