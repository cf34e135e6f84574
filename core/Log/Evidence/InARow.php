<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** The end of a log, read backwards: what was fished in a row up to now. */
final class InARow
{
    /**
     * The last stints for as long as they share what the last one has, the last first.
     *
     * @param  list<Stint>  $stints  in order of time
     * @param  string  ...$factors  such as the spot, or the spot and the lure
     * @return list<Stint>
     */
    public static function sharing(array $stints, string ...$factors): array
    {
        $row = [];
        foreach (array_reverse($stints) as $stint) {
            $row[] = $stint;
            foreach ($factors as $factor) {
                if (($stint->levels[$factor] ?? null) !== ($row[0]->levels[$factor] ?? null)) {
                    return array_slice($row, 0, -1);
                }
            }
        }

        return $row;
    }

    /**
     * Casts since the last contact.
     *
     * @param  list<Stint>  $row  the last first
     */
    public static function blank(array $row): int
    {
        $casts = 0;
        foreach ($row as $stint) {
            $casts += $stint->castsSinceContact();
            if ($stint->contacts !== []) {
                break;
            }
        }

        return $casts;
    }
}
