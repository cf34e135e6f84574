<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/**
 * One thing that speaks for or against lures on a day. It takes the day's values once, gives a number for every lure, and
 * words only for those that somebody reads about.
 */
interface Factor
{
    /** The factor for a reading; null where it has nothing to say of any lure. */
    public static function on(Reading $reading): ?self;

    /** What it multiplies a lure's score by: 0 to about 2, 1 where it has nothing to say. */
    public function number(LureFamily $lure): float;

    /** The number with its reason, for a lure of which it has something to say. */
    public function effect(LureFamily $lure): Effect;
}
