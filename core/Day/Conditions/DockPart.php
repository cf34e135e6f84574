<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** A part of a dock (rule S10). */
enum DockPart: string
{
    use Words;

    case Walkway = 'walkway';
    case Inside = 'inside';
    case Slip = 'slip';
    case Outside = 'outside';
    case Floats = 'floats';
    case Ladder = 'ladder';
}
