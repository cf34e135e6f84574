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

    /** Whether fish hang at a depth of their own, over however much water. */
    public function hangs(): bool
    {
        return $this === self::Suspended || $this === self::Surface;
    }
}
