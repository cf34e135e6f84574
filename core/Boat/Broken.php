<?php

declare(strict_types=1);

namespace OldEddy\Boat;

use OldEddy\Basics\Words;

/** Why a line of the instruments cannot be used. */
enum Broken: string
{
    use Words;

    case Garbled = 'garbled';
    case CutShort = 'cut_short';
    case Checksum = 'wrong_checksum';
    case Impossible = 'impossible_value';
}
