<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** Where the weather stands between two fronts (rule W13). */
enum Front: string
{
    use Words;

    case Stable = 'stable';
    case Approaching = 'approaching';
    case Passing = 'passing';
    case Post1 = 'post_1';
    case Post2 = 'post_2';
    case Recovering = 'recovering';

    /** Whether a cold front has gone through and the fish still feel it strongly (first and second bluebird day). */
    public function isPost(): bool
    {
        return $this === self::Post1 || $this === self::Post2;
    }
}
