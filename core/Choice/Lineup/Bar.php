<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

/** What takes a lure out of the lineup altogether. */
enum Bar
{
    case NotInBox;
    case Trolled;
    case Cast;
    case Unseen;
    case Cover;
    case Temperature;
    case TooBig;
    case TooSmall;
    case Species;
    case Depth;
    case DigsTooDeep;
    case OutOfReach;
}
