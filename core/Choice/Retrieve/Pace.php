<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

/**
 * How fast a cadence goes, in the three words in which anglers compare days. Basis: rule R15 for the words, common
 * practice; the cut points are our own: crawl and slow roll are slow, fast and burn are fast.
 */
enum Pace: string
{
    case Slow = 'slow';
    case Medium = 'medium';
    case Fast = 'fast';

    private const SLOW_UNDER_FT_S = 1.5;

    private const FAST_FROM_FT_S = 3.0;

    /** The pace of a retrieve, a cadence by its key with all its rests counted in or a word for speed; null for one that is none of ours. */
    public static function of(?string $retrieve): ?self
    {
        $meanFtS = self::usualFtS($retrieve);

        return $meanFtS === null ? null : match (true) {
            $meanFtS < self::SLOW_UNDER_FT_S => self::Slow,
            $meanFtS < self::FAST_FROM_FT_S => self::Medium,
            default => self::Fast,
        };
    }

    /** The mean speed over ground of a retrieve, feet a second; null for one that is none of ours. */
    public static function usualFtS(?string $retrieve): ?float
    {
        if ($retrieve === null) {
            return null;
        }
        $span = SpeedWord::tryFrom($retrieve)?->spanFtS();

        return Cadences::usualPaceFtS($retrieve) ?? ($span === null ? null : array_sum($span) / 2);
    }
}
