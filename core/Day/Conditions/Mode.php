<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** How the lure is shown. */
enum Mode: string
{
    use Words;

    case Cast = 'cast';
    case Troll = 'troll';
}
