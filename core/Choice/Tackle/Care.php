<?php

declare(strict_types=1);

namespace OldEddy\Choice\Tackle;

use DateTimeImmutable;
use OldEddy\Choice\Lures\LureFamily;

/** What a lure of the box asks for (rule K1): polish, sharp hooks, a fresh skirt, paint. After how long is our own choice. */
final class Care
{
    /** The parts whose state can be said, and what can be said of each. */
    public const STATES = ['skirt' => ['fresh', 'worn', 'gone'], 'treble' => ['sharp', 'dull', 'bent'], 'paint' => ['whole', 'chipped', 'gone']];

    /** Metal tarnishes, open hooks dull, in so many days. */
    private const POLISH_DAYS = 60;

    private const SHARPEN_DAYS = 90;

    /** The minutes for which polish dries; sun speeds it. */
    public const DRIES_MIN = 5;

    /** Whether it has metal that tarnishes: spoons and blades. */
    public static function tarnishes(LureFamily $lure): bool
    {
        return $lure->appeal->flash >= 0.6 && ($lure->colorGroup === 'metal' || $lure->rigging->blades !== null);
    }

    /**
     * What is due, in sentences; nothing where all is well.
     *
     * @param  string  $today  YYYY-MM-DD
     * @param  ?string  $cleaned  on which day last; null where it was never said
     * @param  ?string  $sharpened  likewise
     * @param  ?string  $skirt  of STATES, as are the other two
     * @return list<string>
     */
    public static function due(LureFamily $lure, string $today, ?string $cleaned, ?string $sharpened, ?string $skirt, ?string $treble, ?string $paint): array
    {
        return array_values(array_filter([
            $cleaned !== null && self::tarnishes($lure) && self::days($cleaned, $today) > self::POLISH_DAYS ? 'Polish it: last cleaned '.self::days($cleaned, $today).' days ago.' : null,
            $sharpened !== null && self::days($sharpened, $today) > self::SHARPEN_DAYS ? 'Touch up the hooks: last sharpened '.self::days($sharpened, $today).' days ago.' : null,
            match ($treble) {
                'dull' => 'Sharpen its hooks.',
                'bent' => 'Change its hooks.',
                default => null,
            },
            match ($skirt) {
                'worn' => 'A new skirt soon.',
                'gone' => 'It needs a skirt.',
                default => null,
            },
            $paint === 'gone' ? 'Its paint is gone: it shows as bare.' : null,
        ]));
    }

    /** The state of its hooks once they were touched up: dull ones are sharp, bent ones stay bent; null where it was never said. */
    public static function touchedUp(?string $treble): ?string
    {
        return $treble === 'dull' ? 'sharp' : $treble;
    }

    private static function days(string $from, string $to): int
    {
        return (int) (new DateTimeImmutable($from))->diff(new DateTimeImmutable($to))->format('%r%a');
    }
}
