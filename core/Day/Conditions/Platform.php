<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the angler stands on. */
enum Platform: string
{
    use Words;

    case Boat = 'boat';
    case Kayak = 'kayak';
    case Bank = 'bank';
}
