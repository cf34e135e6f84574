<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** Compass directions in degrees, clockwise from north. */
final class Direction
{
    private const EIGHTHS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

    /** The nearest eighth of the compass: 0, 45, up to 315 degrees. */
    public static function eighth(float $degrees): float
    {
        return 45.0 * (((int) round($degrees / 45) % 8 + 8) % 8);
    }

    /** A direction in words, to the eighth. */
    public static function words(float $degrees): string
    {
        return self::EIGHTHS[(int) (self::eighth($degrees) / 45)];
    }

    /** The direction the other way. */
    public static function back(float $degrees): float
    {
        return fmod($degrees + 180, 360);
    }

    /** How far to turn from one direction to another, degrees from -180 to under 180: to the right is over 0. */
    public static function turn(float $from, float $to): float
    {
        return fmod(fmod($to - $from, 360) + 540, 360) - 180;
    }

    /**
     * The mean of winds as arrows laid end to end; null without any, or where they cancel out.
     *
     * @param  list<array{float, float}>  $winds  how strong, and where from in degrees
     * @return array{float, float}|null the mean of how strong they were, and where from
     */
    public static function mean(array $winds): ?array
    {
        [$east, $north, $strong] = [0.0, 0.0, 0.0];
        foreach ($winds as [$much, $from]) {
            $east += $much * sin(deg2rad($from));
            $north += $much * cos(deg2rad($from));
            $strong += $much;
        }

        return hypot($east, $north) < 1e-6 ? null : [$strong / count($winds), fmod(rad2deg(atan2($east, $north)) + 360, 360)];
    }
}
