<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use OldEddy\Contract\Field;
use OldEddy\Contract\FieldTable;

/**
 * What entries may say of a stint and of a contact, by the core's table of fields. Entries call depth and length by their
 * words: they come in the angler's units.
 */
final class StintFields
{
    /** @return array<string, Wanted> what a stint begins with */
    public static function begun(): array
    {
        return [
            ...self::of('stint', ['spot', 'lure', 'color', 'depth_ft', 'retrieve']),
            ...self::perhaps('stint', ['angler', 'weight_oz', 'length_in', 'water_depth_ft', 'structure', 'cover']),
            ...self::castKind(),
        ];
    }

    /**
     * @param  list<string>  $paths
     * @return array<string, Wanted>
     */
    public static function of(string $thing, array $paths): array
    {
        return array_combine($paths, array_map(static fn (string $path): Wanted => self::one($thing, $path), $paths));
    }

    /**
     * @param  list<string>  $paths
     * @return array<string, Wanted>
     */
    public static function perhaps(string $thing, array $paths): array
    {
        return array_map(static fn (Wanted $wanted): Wanted => $wanted->orNothing(), self::of($thing, $paths));
    }

    /** @return array<string, Wanted> how it is cast: a cast is counted, so the log has another word for it */
    public static function castKind(): array
    {
        return ['cast_kind' => self::one('stint', 'cast')->orNothing()];
    }

    public static function day(string $path): Wanted
    {
        return self::one('day', $path);
    }

    public static function one(string $thing, string $path): Wanted
    {
        return Wanted::as(FieldTable::one($thing, $path));
    }

    /** @return array<string, list<string>> options by field of a stint */
    public static function ofStint(): array
    {
        $options = self::options('stint');
        // A cast is counted; how it is cast is a word of its own in the log.
        $options['cast_kind'] = $options['cast'];
        unset($options['cast']);

        return $options;
    }

    /** @return array<string, list<string>> options by field of a contact */
    public static function ofContact(): array
    {
        return self::options('contact') + self::options('fish');
    }

    /** @return array<string, list<string>> */
    private static function options(string $thing): array
    {
        return array_filter(array_map(static fn (Field $field): array => $field->options, FieldTable::of($thing)));
    }
}
