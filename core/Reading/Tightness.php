<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Words;

/** How close to cover the fish hold. */
enum Tightness: string
{
    use Words;

    case Tight = 'tight';
    case Near = 'near';
    case Roaming = 'roaming';
}
