<?php

declare(strict_types=1);

namespace App\Show;

use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\LureFamily;

/** The entry of the log that rigs a rod as it is set up, or takes it off the rack, for a form that may have no signal. */
final class RigEntry
{
    public static function of(LureFamily $lure, string $color, ?Setup $setup): string
    {
        $as = $setup?->rigged() ?? [];

        return json_encode(array_filter(['kind' => 'rig', 'lure' => $lure->key, 'color' => $color, ...$as], static fn (mixed $v): bool => $v !== null), JSON_THROW_ON_ERROR);
    }
}
