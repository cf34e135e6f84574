<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Words;

/** How a fish was lost; each speaks of another fault, so they count apart. Basis: rule M20, common practice. */
enum LostBy: string
{
    use Words;

    /** The hook came out: hook, or a rod too stiff. */
    case Pulled = 'pulled';

    /** The line parted. */
    case Broke = 'broke';

    /** Teeth: the program asks for a trace (D13). */
    case Bitten = 'bitten';

    /** Thrown at the jump. */
    case Jumped = 'jumped';
}
