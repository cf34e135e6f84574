<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** The color of a prey, as one would call it on the bank. */
enum PreyColor: string
{
    use Words;

    case Red = 'red';
    case Orange = 'orange';
    case Brown = 'brown';
    case Green = 'green';
    case Black = 'black';
    case Blue = 'blue';
    case White = 'white';
    case Silver = 'silver';
    case Gold = 'gold';
    case Yellow = 'yellow';
}
