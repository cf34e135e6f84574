<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** How a dock stands in the water. */
enum DockKind: string
{
    use Words;

    case Floating = 'floating';
    case Piling = 'piling';
}
