<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;

/** When shade counts: not under 50 or 55 °F by school, nor where there is no sun to be shaded from. Basis: rule S20. */
final class ShadeCounts
{
    private const STARTS_F = 50.0;

    /** Whether fish use shade today. */
    public static function matters(Settled $day): bool
    {
        return $day->tempF >= self::fromF($day) && ! $day->sky->isCovered();
    }

    /** Whether the water is in the doubtful span, where shade is starting to matter. */
    public static function starting(Settled $day): bool
    {
        return $day->tempF >= self::STARTS_F && $day->tempF < self::fromF($day);
    }

    /** The temperature in °F from which shade counts, by school (default 55). */
    public static function fromF(Settled $day): float
    {
        return (float) ($day->schools->chosen('shade_from_f') ?? '55');
    }
}
