<?php

declare(strict_types=1);

namespace OldEddy\Where\Sketch;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;

/** One thing on the sheet: its points in metres east and north of the sheet's middle, feet of depth or height, a name, and what a spot is. */
final readonly class Thing
{
    /** @param  non-empty-list<array{float, float}>  $points */
    public function __construct(
        public Kind $kind, public array $points, public ?float $feet = null, public string $name = '', public ?Structure $structure = null,
        public ?Cover $cover = null,
    ) {
    }
}
