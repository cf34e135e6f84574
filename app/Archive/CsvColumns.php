<?php

declare(strict_types=1);

namespace App\Archive;

use App\Waters\Files\Latin;
use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;

/** Which column of a table says what of the log: guessed by its name, told by the angler. */
final class CsvColumns
{
    /** What can be said, with the words that name it in tables of others, in several languages, without accents. */
    public const SAYS = [
        'date' => ['date', 'day', 'timestamp', 'date time', 'datetime', 'caught at', 'caught on', 'trip date', 'when', 'datum', 'fecha', 'dato', 'data', 'jour'],
        'time' => ['time', 'hour', 'clock', 'time of day', 'uhrzeit', 'zeit', 'hora', 'heure', 'tid', 'ora'],
        'water' => ['water', 'lake', 'river', 'body of water', 'water body', 'waterbody', 'location', 'gewasser', 'see', 'lac', 'plan d eau', 'lago', 'agua', 'vatten', 'vann'],
        'spot' => ['spot', 'place', 'site', 'stelle', 'platz', 'poste', 'lugar', 'plats'],
        'stint' => ['stint'],
        'lure' => ['lure', 'bait', 'fly', 'bait used', 'lure used', 'bait lure', 'lure bait', 'lure name', 'bait name', 'lure type', 'bait type', 'koder', 'kunstkoder', 'leurre', 'appat', 'senuelo', 'cebo', 'bete', 'agn', 'esca'],
        'color' => ['color', 'colour', 'lure color', 'lure colour', 'bait color', 'farbe', 'couleur', 'colore', 'farg'],
        'retrieve' => ['retrieve', 'cadence', 'presentation', 'technique', 'animation'],
        'depth' => ['running depth', 'lure depth', 'depth', 'tiefe', 'profondeur', 'profundidad', 'profondita', 'djup'],
        'casts' => ['casts', 'number of casts', 'wurfe', 'lancers', 'lances', 'kast'], 'angler' => ['angler', 'who', 'name', 'fisherman', 'caught by', 'pecheur', 'pescador'],
        'contact' => ['contact', 'result', 'kind', 'outcome', 'ergebnis', 'resultat', 'resultado'],
        'species' => ['species', 'fish', 'fish species', 'fischart', 'fisch', 'art', 'espece', 'poisson', 'especie', 'pez', 'specie'],
        'length' => ['length', 'fish length', 'size', 'lange', 'groesse', 'grosse', 'longueur', 'taille', 'longitud', 'lunghezza', 'langd'],
        'weight' => ['weight', 'fish weight', 'gewicht', 'poids', 'peso', 'vikt', 'vekt'],
        'fish_depth' => ['fish depth', 'depth of fish', 'depth caught'], 'forage' => ['forage', 'stomach', 'prey', 'beute'],
        'towed_line' => ['towed line'], 'let_out' => ['let out'], 'minutes' => ['towed minutes'],
    ];

    /** Without these no row says anything. */
    public const NEEDED = ['date', 'lure'];

    /** Units in the name of a column: how many of ours one of them is. */
    private const UNITS = [
        'length' => ['in' => 1.0, 'inch' => 1.0, 'inches' => 1.0, 'ft' => 12.0,
            'm' => 1 / Length::METRES_PER_INCH, 'cm' => 0.01 / Length::METRES_PER_INCH, 'mm' => 0.001 / Length::METRES_PER_INCH],
        'weight' => ['lb' => 1.0, 'lbs' => 1.0, 'pound' => 1.0, 'pounds' => 1.0, 'oz' => 1 / 16, 'ounces' => 1 / 16,
            'kg' => 1000 / Mass::GRAMS_PER_POUND, 'kilo' => 1000 / Mass::GRAMS_PER_POUND, 'g' => 1 / Mass::GRAMS_PER_POUND, 'gr' => 1 / Mass::GRAMS_PER_POUND,
            'grams' => 1 / Mass::GRAMS_PER_POUND],
        'depth' => ['ft' => 1.0, 'feet' => 1.0, 'm' => 1 / Length::METRES_PER_FOOT, 'metres' => 1 / Length::METRES_PER_FOOT, 'meters' => 1 / Length::METRES_PER_FOOT, 'fathoms' => 6.0],
    ];

    /** Which of the units a column may have. */
    private const MEASURES = ['length' => 'length', 'weight' => 'weight', 'depth' => 'depth', 'fish_depth' => 'depth', 'let_out' => 'depth'];

    /**
     * What each column likely says.
     *
     * @param  list<string>  $head
     * @return array<string, int> number of the column by what it says
     */
    public static function guessed(array $head): array
    {
        $names = array_map(self::bare(...), $head);
        $guessed = [];
        // Names that are just the word go before those that have it among others.
        foreach ([true, false] as $exactly) {
            foreach (self::SAYS as $says => $words) {
                foreach (isset($guessed[$says]) ? [] : $words as $word) {
                    $at = self::find($names, $word, $exactly, $guessed);
                    if ($at !== null) {
                        $guessed[$says] = $at;
                        break;
                    }
                }
            }
        }

        return $guessed;
    }

    /** How many of the core's units (inches, pounds, feet) one of a column is, where its name says so; null where it does not. */
    public static function unit(string $says, string $name): ?float
    {
        $units = self::UNITS[self::MEASURES[$says] ?? ''] ?? [];
        foreach (array_reverse(explode(' ', self::plain($name))) as $word) {
            if (isset($units[$word])) {
                return $units[$word];
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $names
     * @param  array<string, int>  $taken
     */
    private static function find(array $names, string $word, bool $exactly, array $taken): ?int
    {
        foreach ($names as $at => $name) {
            if (! in_array($at, $taken, true) && ($exactly ? $name === $word : strlen($word) > 3 && str_contains(" {$name} ", " {$word} "))) {
                return $at;
            }
        }

        return null;
    }

    /** A name without its unit. */
    private static function bare(string $name): string
    {
        $words = explode(' ', self::plain($name));
        $last = end($words);

        return count($words) > 1 && array_filter(self::UNITS, static fn (array $units): bool => isset($units[$last])) !== []
            ? implode(' ', array_slice($words, 0, -1)) : implode(' ', $words);
    }

    /** Small letters without accents, signs or case. */
    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/[^a-z]+/', ' ', Latin::small($name)));
    }
}
