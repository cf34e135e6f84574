<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Reading\Reading;

/** Low light brings fish up. Basis: rules W15 and W16, factors our own. */
final readonly class LightFactor extends ReadyFactor
{
    /** Under this fish do not come up for the light. */
    private const WARM_ENOUGH_F = 58;

    private function __construct(private Effect $surface)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $day = $reading->day;

        return match (true) {
            $day->tempF < self::WARM_ENOUGH_F => null,
            $day->lowLight => new self(new Effect('light', 1.25, 'Low light: fish look up.', 'W16')),
            // Under a roof there is no sun to hold them down (F16).
            $day->sky === Sky::Clear && ! $day->clarity->isClear() && ! $day->spot->isRoofed() => new self(new Effect('light', 0.85, 'Bright sun holds them down.', 'W15')),
            default => null,
        };
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return $lure->isSurface() ? $this->surface : null;
    }
}
