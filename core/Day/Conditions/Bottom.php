<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the bottom is made of. */
enum Bottom: string
{
    use Words;

    case Rock = 'rock';
    case Gravel = 'gravel';
    case Sand = 'sand';
    case Clay = 'clay';
    case Mud = 'mud';
    case Hard = 'hard';
}
