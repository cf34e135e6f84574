<?php

declare(strict_types=1);

namespace App\Show;

use OldEddy\Choice\Lineup\Setup;

/** What can be turned on a tried cast, in the angler's units. The sliders themselves send the core's. */
final class CastKnobs
{
    /** @return array<string, string> by the name of the slider */
    public static function of(Setup $setup, Units $units): array
    {
        return [
            'cast_ft' => $units->depth($setup->cast->lengthFt),
            'speed_ft_s' => $units->pace($setup->cadence->speedFtS),
            'weight_oz' => $units->weight($setup->spec->weightOz),
            'depth_ft' => $units->depth($setup->depthFt),
        ];
    }
}
