<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\RodTip;

/**
 * What the angler wants done otherwise than the rules would: how the cast lies, where the rod tip is held, its length and the working depth in
 * feet, the weight in ounces, the winding speed in feet a second, the length of the lure in inches, the cadence by its key, the kind of
 * cast (one of Setup::CASTS). Null leaves a value to the rules.
 */
final readonly class Wish
{
    public function __construct(
        public CastAngle $angle = CastAngle::Parallel,
        public ?float $castFt = null,
        public ?float $weightOz = null,
        public ?float $speedFtS = null,
        public ?float $depthFt = null,
        public RodTip $rodTip = RodTip::Low,
        public ?float $lengthIn = null,
        public ?string $cadence = null,
        public ?string $castKind = null,
    ) {
    }
}
