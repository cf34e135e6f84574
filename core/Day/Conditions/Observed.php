<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the angler saw. */
enum Observed: string
{
    use Words;

    case Beds = 'beds';
    case Fry = 'fry';
    case LeavesTurning = 'leaves_turning';
    case Schooling = 'schooling';
    case Follows = 'follows';
    case BaitFlicking = 'bait_flicking';
}
