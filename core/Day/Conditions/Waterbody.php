<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** The kind of water. */
enum Waterbody: string
{
    use Words;

    case Reservoir = 'reservoir';
    case NaturalLake = 'natural_lake';
    case River = 'river';
    case Pond = 'pond';
    case Canal = 'canal';
}
