<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Words;

/** Where in the water column the fish hold. */
enum Column: string
{
    use Words;

    case Bottom = 'bottom';
    case Mid = 'mid';
    case Suspended = 'suspended';
    case Surface = 'surface';
}
