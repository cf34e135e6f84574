<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Moment;

/** What a rod's knot went through since it was tied (rule K2): hooked fish, and hours of casts. */
final readonly class Knot
{
    /** @param  float  $hours  of casting, 0 or more */
    private function __construct(public int $fish, public float $hours)
    {
    }

    /**
     * Since it was tied, or since the day's first cast.
     *
     * @param  list<Stint>  $stints  of the day
     * @param  ?string  $tiedAt  date and time as the stints have them; null where it was not said
     */
    public static function of(array $stints, string $lure, string $color, ?string $tiedAt): self
    {
        [$fish, $casts] = [0, 0];
        foreach ($stints as $stint) {
            if (($stint->levels['lure'] ?? null) !== $lure || ($stint->levels['color'] ?? null) !== $color) {
                continue;
            }
            $before = $tiedAt === null ? 0 : self::castsUntil($stint, $tiedAt);
            $casts += max(0, $stint->casts - $before);
            $fish += count(array_filter($stint->contacts, static fn (Contact $c): bool => $c->kind->isHooked() && ($c->atCast ?? $stint->casts) > $before));
        }

        return new self($fish, $casts * Limits::CAST_S / 3600);
    }

    /** About how many casts of a stint were made before a moment. */
    private static function castsUntil(Stint $stint, string $at): int
    {
        return min($stint->casts, max(0, intdiv(Moment::secondsBetween($stint->at, $at), Limits::CAST_S)));
    }
}
