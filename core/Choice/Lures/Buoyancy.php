<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Basics\Words;

/** What the lure does when it is left alone. */
enum Buoyancy: string
{
    use Words;

    case Floats = 'floats';
    case Suspends = 'suspends';
    case Sinks = 'sinks';
}
