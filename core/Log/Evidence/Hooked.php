<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Words;

/** Where the hook sat (rule C10). */
enum Hooked: string
{
    use Words;

    case Inside = 'inside';
    case Lip = 'lip';
    case Outside = 'outside';
    case Gut = 'gut';
}
