<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;
use OldEddy\Instruments\BoatState;
use OldEddy\Instruments\Quantity;

/** Soundings out of a recording of a boat's instruments: a depth wherever position and depth are fresh together. */
final class Recording
{
    /** @return Generator<int, Found> */
    public static function read(string $path): Generator
    {
        $file = fopen($path, 'rb');
        if ($file === false) {
            throw new Refused('The file cannot be read.');
        }
        $state = new BoatState;
        [$told, $found] = [-INF, 0];
        while (($line = fgets($file, 512)) !== false) {
            $state = $state->after($line);
            $clock = $state->clock;
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
}
