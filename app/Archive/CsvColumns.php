<?php

declare(strict_types=1);

namespace App\Archive;

/** Which column of a table says what of the log: guessed by its name, told by the angler. */
final class CsvColumns
{
    /** What can be said, with the words that name it in tables of others. */
    public const SAYS = [
        'date' => ['date', 'day', 'datum'], 'time' => ['time', 'hour', 'clock'], 'water' => ['water', 'lake', 'river', 'body of water', 'location'], 'spot' => ['spot', 'place', 'site'],
        'lure' => ['lure', 'bait', 'fly'], 'color' => ['color', 'colour'], 'retrieve' => ['retrieve', 'cadence', 'presentation'],
        'depth' => ['running depth', 'running depth ft', 'running depth m', 'lure depth', 'depth'], 'casts' => ['casts', 'number of casts'], 'angler' => ['angler', 'who', 'name', 'fisherman'],
        'contact' => ['contact', 'result', 'kind', 'outcome'], 'species' => ['species', 'fish'], 'length' => ['length', 'length in', 'length cm', 'size'],
        'weight' => ['weight', 'weight lb', 'weight kg'], 'fish_depth' => ['fish depth', 'fish depth ft', 'fish depth m'], 'forage' => ['forage', 'stomach', 'prey'],
        'towed_line' => ['towed line'], 'let_out' => ['let out', 'let out ft', 'let out m'], 'minutes' => ['towed minutes'],
    ];

    /** Without these no row says anything. */
    public const NEEDED = ['date', 'lure'];

    /**
     * What each column likely says.
     *
     * @param  list<string>  $head
     * @return array<string, int> number of the column by what it says
     */
    public static function guessed(array $head): array
    {
        $names = array_map(static fn (string $h): string => trim((string) preg_replace('/[^a-z]+/', ' ', mb_strtolower($h))), $head);
        $guessed = [];
        foreach (self::SAYS as $says => $words) {
            foreach ($words as $word) {
                $at = array_search($word, $names, true);
                if ($at !== false && ! in_array($at, $guessed, true)) {
                    $guessed[$says] = (int) $at;
                    break;
                }
            }
        }

        return $guessed;
    }
}
