<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** What all contacts of a day shared, and no stint that was fished for long without any had. Basis: rule M22; how long is our own. */
final class Shared
{
    /** A stint without a contact speaks from so many casts on. */
    public const BLANK_CASTS = 10;

    /**
     * The levels, in the order of the factors; none before the first contact.
     *
     * @param  list<Stint>  $stints
     * @return list<Level>
     */
    public static function levels(array $stints): array
    {
        $shared = null;
        $blank = [];
        foreach ($stints as $stint) {
            if ($stint->contacts !== []) {
                $shared = $shared === null ? $stint->levels : array_intersect_assoc($shared, $stint->levels);
            } elseif ($stint->casts >= self::BLANK_CASTS) {
                $blank[] = $stint->levels;
            }
        }
        $levels = [];
        foreach ($shared ?? [] as $factor => $name) {
            $level = new Level($factor, $name);
            if (array_filter($blank, $level->isAmong(...)) === []) {
                $levels[] = $level;
            }
        }

        return $levels;
    }
}
