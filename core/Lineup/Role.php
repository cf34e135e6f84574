<?php

declare(strict_types=1);

namespace OldEddy\Lineup;

use OldEddy\Words;

/** What a rod is for during the day. */
enum Role: string
{
    use Words;

    case Search = 'search';
    case Slow = 'slow';
    case Finesse = 'finesse';
}
