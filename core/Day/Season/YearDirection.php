<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

/** Whether the year warms or cools, by date, hemisphere and measured trend. Basis: rule F1; the turning days are our own. */
enum YearDirection: string
{
    case Warming = 'warming';
    case Cooling = 'cooling';

    /** The northern day of the year on which lakes begin to cool (about 1 August). */
    private const COOLS_FROM = 213;

    /** Around the summer turn a measured trend decides within so many days. */
    private const UNSURE_DAYS = 25;

    /**
     * For a day of the year in northern reckoning (1 to 366) and a trend in °F a day, if measured. At midwinter the
     * calendar decides alone: after the turn of the year the water has to rise out of winter.
     */
    public static function on(int $northernDay, ?float $trendFPerDay): self
    {
        if ($trendFPerDay !== null && abs($trendFPerDay) >= 0.2 && abs($northernDay - self::COOLS_FROM) <= self::UNSURE_DAYS) {
            return $trendFPerDay > 0 ? self::Warming : self::Cooling;
        }

        return $northernDay < self::COOLS_FROM ? self::Warming : self::Cooling;
    }
}
