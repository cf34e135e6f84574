<?php

declare(strict_types=1);

namespace App\Show;

/** Degrees as one reads them from a map: north and south, east and west, without a sign. */
final class Compass
{
    /** The box around some places, west, south, east and north in degrees. */
    public static function box(float $west, float $south, float $east, float $north): string
    {
        return self::span($south, $north, 'north', 'south').', '.self::span($west, $east, 'east', 'west');
    }

    private static function span(float $from, float $to, string $plus, string $minus): string
    {
        $ends = $from < 0 && $to <= 0 ? [-$to, -$from] : [$from, $to];

        return $from < 0 && $to > 0
            ? sprintf('%.4f° %s to %.4f° %s', -$from, $minus, $to, $plus)
            : sprintf('%.4f° to %.4f° %s', $ends[0], $ends[1], $from < 0 ? $minus : $plus);
    }
}
