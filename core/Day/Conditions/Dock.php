<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** A dock: how it stands, which part is fished, and the water depth there in feet (over 0), if known. */
final readonly class Dock
{
    /** Water at a dock of which nobody said the depth, feet. Own choice. */
    public const USUAL_FT = 6.0;

    /** Floating docks: under the first fish are on the bottom, over the second under the floats, between them either (S11), feet. */
    public const BOTTOM_UNDER_FT = 5.0;

    public const FLOATS_OVER_FT = 6.0;

    /** Posts in deeper water hold few fish: go to the shallower part (S12; the upper end of 5-6), feet. */
    public const POSTS_TO_FT = 6.0;

    /** From here a dock counts as deep: in summer fish suspend under it (S19), feet. */
    public const DEEP_FROM_FT = 15.0;

    /** In water seen through farther than this fish may hang about ten feet off a dock (S14; the middle of 5-6), feet. */
    public const HANG_OFF_OVER_VISIBILITY_FT = 5.5;

    /** Whether fish hang off a dock in so much visibility and so much water, both feet: clear and deep (rules S14 and F16). */
    public static function fishHangOff(float $visibilityFt, float $depthFt): bool
    {
        return $visibilityFt > self::HANG_OFF_OVER_VISIBILITY_FT && $depthFt > self::FLOATS_OVER_FT;
    }

    public function __construct(
        public DockKind $kind,
        public ?DockPart $part = null,
        public ?float $depthFt = null,
    ) {
    }
}
