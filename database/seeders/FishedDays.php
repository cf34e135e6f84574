<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Log\Generator;
use App\Models\User;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;

/** How the closed days of the demo were fished, written down once (bin/demo): to fish them anew takes most of a first start. */
final class FishedDays
{
    private const FILE = __DIR__.'/fished.json';

    /** Levels that a stint works out itself. */
    private const WORKED_OUT = ['speed' => 0, 'depth' => 0, 'water_depth' => 0, 'weight' => 0, 'size' => 0];

    /** @return list<list<Stint>> by the order of the seasons */
    public static function read(): array
    {
        $days = json_decode((string) file_get_contents(self::FILE), true, flags: JSON_THROW_ON_ERROR);

        return array_map(static fn (array $day): array => array_map(self::stint(...), $day), $days);
    }

    /**
     * One of the days, fished anew.
     *
     * @return list<Stint>
     */
    public static function anew(User $angler, int $number): array
    {
        [, $file, $conditions, $minutes] = (require __DIR__.'/seasons.php')[$number];
        $lake = $angler->lakes()->where('name', $file)->first() ?? DatabaseSeeder::lakeOf($angler, $file);

        return Generator::fished(100 + $number, $lake, $conditions, $minutes, true);
    }

    /** Writes all of them down. */
    public static function write(User $angler): int
    {
        $days = array_map(static fn (int $i): array => array_map(self::row(...), self::anew($angler, $i)), array_keys(require __DIR__.'/seasons.php'));
        file_put_contents(self::FILE, "[\n".implode(",\n", array_map(static fn (array $day): string => json_encode($day, JSON_THROW_ON_ERROR), $days))."\n]\n");

        return count($days);
    }

    /** @return list<mixed> */
    public static function row(Stint $stint): array
    {
        return [
            $stint->at, array_diff_key($stint->levels, self::WORKED_OUT), $stint->depthFt,
            $stint->casts, $stint->minutes, $stint->waterDepthFt, $stint->weightOz, $stint->lengthIn,
            array_map(static fn (Contact $c): array => [$c->kind->value, $c->atCast], $stint->contacts),
        ];
    }

    /** @param  list<mixed>  $row */
    private static function stint(array $row): Stint
    {
        [$at, $levels, $depthFt, $casts, $minutes, $waterFt, $ounces, $inches, $contacts] = $row;

        return new Stint($at, $levels, $depthFt, $casts, $minutes, array_map(
            static fn (array $c): Contact => new Contact(ContactKind::from($c[0]), atCast: $c[1]), $contacts,
        ), $waterFt, $ounces, $inches);
    }
}
