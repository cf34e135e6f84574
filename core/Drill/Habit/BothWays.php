<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Drill\DrillHour;
use OldEddy\Log\Next\Offer;

/** Follows what is proposed for two hours, and goes a guide's way in every third: what either gives can be held against the other. */
final class BothWays implements Habit
{
    private const HOURS = 3;

    private readonly FollowsAdvice $advice;

    private readonly Guide $own;

    public function __construct()
    {
        $this->advice = new FollowsAdvice;
        $this->own = new Guide;
    }

    /** Whether one goes one's own way at a minute of the outing (0 or more). */
    public static function isOwnWay(float $minute): bool
    {
        return intdiv((int) $minute, 60) % self::HOURS === 1;
    }

    /** What is done next, by the hour. */
    public function next(DrillHour $now): Offer
    {
        return self::isOwnWay($now->time->goneMin) ? $this->own->next($now) : $this->advice->next($now);
    }
}
