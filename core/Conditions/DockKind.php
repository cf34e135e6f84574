<?php

declare(strict_types=1);

namespace OldEddy\Conditions;

use OldEddy\Words;

/** How a dock stands in the water. */
enum DockKind: string
{
    use Words;

    case Floating = 'floating';
    case Piling = 'piling';
}
