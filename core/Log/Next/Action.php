<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Basics\Words;

/** What the next move can be. */
enum Action: string
{
    use Words;

    case RepeatCast = 'repeat_cast';
    case SlowDown = 'slow_down';
    case Downsize = 'downsize';
    case ChangeLure = 'change_lure';
    case ChangeColor = 'change_color';
    case ChangeDepth = 'change_depth';
    case ChangePlace = 'change_place';
    case Return = 'return';
    case Separate = 'separate';
    case Stay = 'stay';
}
