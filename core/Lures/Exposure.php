<?php

declare(strict_types=1);

namespace OldEddy\Lures;

use OldEddy\Words;

/** How openly the hook rides, which drives snagging and hook-up. */
enum Exposure: string
{
    use Words;

    case Treble = 'treble';
    case Exposed = 'exposed';
    case Guarded = 'guarded';
    case Weedless = 'weedless';
}
