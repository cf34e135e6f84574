<?php

declare(strict_types=1);

namespace OldEddy\Conditions;

use OldEddy\Words;

/** How the lure is shown. */
enum Mode: string
{
    use Words;

    case Cast = 'cast';
    case Troll = 'troll';
}
