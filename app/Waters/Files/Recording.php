<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;
use OldEddy\Boat\BoatState;
use OldEddy\Boat\Quantity;

/**
 * Soundings out of a recording of a boat's instruments: a depth wherever position and depth are fresh together. Where a
 * bottom lies does not depend on the day: a recording without a date will do.
 */
final class Recording
{
    /** @return Generator<int, Found> */
    public static function read(string $path): Generator
    {
        $state = new BoatState(date: '2000-01-01');
        [$told, $found] = [-INF, 0];
        foreach (Lines::of($path) as $line) {
            $state = $state->after($line);
            $clock = $state->clock;
            // A clock that was set back begins anew; else one sounding a second is enough.
            $told = $clock !== null && $clock < $told ? -INF : $told;
            if ($clock === null || $clock - $told < 1 || ! isset($state->values['depth_ft']) || $state->values['depth_ft'][1] <= $told) {
                continue;
            }
            [$lat, $lon, $depth] = [$state->fresh(Quantity::Lat, $clock), $state->fresh(Quantity::Lon, $clock), $state->fresh(Quantity::DepthFt, $clock)];
            if ($lat !== null && $lon !== null && $depth !== null) {
                $told = $clock;
                $found++;
                yield Found::sounding($lat, $lon, $depth);
            }
        }
        if ($found === 0) {
            throw new Refused('No sentence of this recording gives position and depth together.');
        }
    }

    /** Whether a file that begins like this has sentences of instruments in it, be it after comments, tags or times. */
    public static function isLike(string $head): bool
    {
        return preg_match('/(^|[\s\\\\,;\]|])[$!][A-Z]{2,3}[A-Z]{3},[^\r\n]*\*[0-9A-Fa-f]{2}/', $head) === 1;
    }
}
