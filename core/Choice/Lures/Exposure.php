<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Basics\Words;

/** How openly the hook rides, which drives snagging and hook-up. */
enum Exposure: string
{
    use Words;

    case Treble = 'treble';
    case Exposed = 'exposed';
    case Guarded = 'guarded';
    case Weedless = 'weedless';
}
