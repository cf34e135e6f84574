<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** How hard the water is fished. */
enum Pressure: string
{
    use Words;

    case Low = 'low';
    case Normal = 'normal';
    case Heavy = 'heavy';
}
