<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** How much a log can say at the most; whoever reads one reads by these. Basis: our own choice, beyond any day's fishing. */
final class Limits
{
    /** Casts of one stint. */
    public const CASTS = 5000;

    /** Casts counted by one entry. */
    public const CASTS_AT_ONCE = 500;

    /** Seconds a cast takes where nobody timed it. */
    public const CAST_S = 45;

    /** Depth at which a lure ran or a fish was, feet. */
    public const DEPTH_FT = 1000;

    /** Length of a fish, inches. */
    public const LENGTH_IN = 100;

    /** Weight of a fish, pounds. */
    public const FISH_LB = 100;

    /** Weight of a lure, ounces. */
    public const LEAST_WEIGHT_OZ = 0.005;

    public const WEIGHT_OZ = 32;

    /** Length of a lure, inches. */
    public const LEAST_LENGTH_IN = 0.25;

    public const LURE_IN = 24;
}
