<?php

declare(strict_types=1);

namespace OldEddy\Year;

use DateTimeImmutable;

/** Which of an angler's past days speak for a day: those of the same time in other years (rule Y1), and those most like it (Y2). */
final class OtherDays
{
    /** Same time: within so many days of the date, or in the same stage within so many °F (Y1). */
    public const WITHIN_DAYS = 21;

    public const WITHIN_F = 4.0;

    /** A day farther off than this in all is not like it. Basis: own choice. */
    private const LIKE_TO = 1.5;

    private const MOST = 8;

    private const HALF_A_YEAR = 182;

    /**
     * Days of other years at the same time; this water first, then waters like it; other waters are none.
     *
     * @param  list<PastDay>  $past
     * @return list<PastDay>
     */
    public static function sameTime(array $past, PastDay $today): array
    {
        $same = array_values(array_filter($past, static fn (PastDay $d): bool => $d->species === $today->species && $d->id !== $today->id
            && $d->date < $today->date && self::isOtherYear($d, $today)
            && ($d->daysOfYearTo($today) <= self::WITHIN_DAYS || ($d->stage === $today->stage && abs($d->tempF - $today->tempF) <= self::WITHIN_F))
            && (self::isSameWater($d, $today) || $d->waterbody === $today->waterbody)));
        $distance = [];
        foreach ($same as $day) {
            $distance[$day->id] = Likeness::of($day, $today)->distance;
        }
        usort($same, static fn (PastDay $a, PastDay $b): int => (self::isSameWater($b, $today) <=> self::isSameWater($a, $today))
            ?: $distance[$a->id] <=> $distance[$b->id] ?: $b->date <=> $a->date);

        return $same;
    }

    /**
     * The days most like it, the nearest first.
     *
     * @param  list<PastDay>  $past
     * @return list<Likeness>
     */
    public static function like(array $past, PastDay $today): array
    {
        $like = [];
        foreach ($past as $day) {
            if ($day->species === $today->species && $day->id !== $today->id && $day->date <= $today->date) {
                $like[] = Likeness::of($day, $today);
            }
        }
        $like = array_filter($like, static fn (Likeness $l): bool => $l->distance <= self::LIKE_TO);
        usort($like, static fn (Likeness $a, Likeness $b): int => $a->distance <=> $b->distance
            ?: [$b->past->date, $b->past->id] <=> [$a->past->date, $a->past->id]);

        return array_slice($like, 0, self::MOST);
    }

    /** A winter lies in two years: half a year off is another one. */
    private static function isOtherYear(PastDay $day, PastDay $today): bool
    {
        return (int) (new DateTimeImmutable($day->date))->diff(new DateTimeImmutable($today->date))->days > self::HALF_A_YEAR;
    }

    private static function isSameWater(PastDay $day, PastDay $today): bool
    {
        return $today->water !== null && $day->water === $today->water;
    }
}
