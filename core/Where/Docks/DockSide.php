<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Basics\Words;

/** A side of a dock, looking from the bank out over the water. */
enum DockSide: string
{
    use Words;

    case Left = 'left';
    case Right = 'right';
    case Outer = 'outer';
    case Bank = 'bank';
}
