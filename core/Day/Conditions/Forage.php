<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the fish eat today. */
enum Forage: string
{
    use Words;

    case Shad = 'shad';
    case Minnow = 'minnow';
    case Goby = 'goby';
    case Crawfish = 'crawfish';
    case Bluegill = 'bluegill';
    case Perch = 'perch';
    case Frog = 'frog';
    case Insects = 'insects';
}
