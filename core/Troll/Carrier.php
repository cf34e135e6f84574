<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Words;

/** What carries a line: a board that takes it to the side, nothing, or a weight that takes it down. */
enum Carrier: string
{
    use Words;

    case Board = 'board';
    case Flat = 'flat';
    case Weight = 'weight';
}
