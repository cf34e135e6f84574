<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Words;

/** The words for winding speed with their spans in feet a second. Basis: rule R15, our own numbers. */
enum SpeedWord: string
{
    use Words;

    case Still = 'still';
    case Crawl = 'crawl';
    case SlowRoll = 'slow_roll';
    case Medium = 'medium';
    case Fast = 'fast';
    case Burn = 'burn';

    /** @return array{float, float} slowest and fastest, feet a second */
    public function spanFtS(): array
    {
        return match ($this) {
            self::Still => [0.05, 0.1],
            self::Crawl => [0.3, 0.5],
            self::SlowRoll => [1.0, 1.5],
            self::Medium => [2.0, 3.0],
            self::Fast => [3.0, 4.0],
            self::Burn => [4.0, 5.0],
        };
    }
}
