<?php

declare(strict_types=1);

namespace OldEddy\Basics;

use DateTimeImmutable;

/** Moments as the log has them: date and time, ISO 8601. */
final class Moment
{
    /** Seconds from one to another; under 0 where that comes before. */
    public static function secondsBetween(string $from, string $to): int
    {
        return (new DateTimeImmutable($to))->getTimestamp() - (new DateTimeImmutable($from))->getTimestamp();
    }
}
