<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Words;

/** What a line's depth rests on: the angler's own points, the reckoned line, or own points carried on beyond what was measured. */
enum DepthBasis: string
{
    use Words;

    case Points = 'points';
    case Model = 'model';
    case Extrapolated = 'extrapolated';
}
