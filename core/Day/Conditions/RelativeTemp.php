<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** The inflow against the lake. */
enum RelativeTemp: string
{
    use Words;

    case Warmer = 'warmer';
    case Colder = 'colder';
    case Same = 'same';
}
