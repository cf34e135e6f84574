<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Basics\Words;

/** What a rod is for during the day. */
enum Role: string
{
    use Words;

    case Search = 'search';
    case Slow = 'slow';
    case Finesse = 'finesse';
}
