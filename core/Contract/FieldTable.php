<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use BackedEnum;
use OutOfBoundsException;

/** Every field of a day, a lake's spot, a dock, a stint and a contact, once: readers, entries, forms and the browser go by it. The rows stand in fields.php. */
final class FieldTable
{
    /** @var array<string, array<string, Field>> */
    private static array $made = [];

    /**
     * The fields of a thing, by path.
     *
     * @param  string  $thing  day, spot, dock, stint or contact
     * @return array<string, Field>
     */
    public static function of(string $thing): array
    {
        $all = [];
        foreach (array_keys(self::rows($thing)) as $path) {
            $all[$path] = self::one($thing, $path);
        }

        return $all;
    }

    /**
     * One field of a thing.
     *
     * @throws OutOfBoundsException for a path it does not have
     */
    public static function one(string $thing, string $path): Field
    {
        // Made when it is asked for: most who ask want one of them.
        return self::$made[$thing][$path] ??= self::field($path, self::rows($thing)[$path] ?? throw new OutOfBoundsException("A {$thing} has no field {$path}."));
    }

    /** @return array<string, array{string, string, 2?: mixed, 3?: float, 4?: float}> */
    private static function rows(string $thing): array
    {
        static $rows = null;
        $rows ??= require __DIR__.'/fields.php';

        return $rows[$thing] ?? throw new OutOfBoundsException("There are no fields of a {$thing}.");
    }

    /** @param  array{string, string, 2?: mixed, 3?: float, 4?: float}  $row */
    private static function field(string $path, array $row): Field
    {
        $kind = FieldKind::from($row[0]);

        return match ($kind) {
            FieldKind::Number, FieldKind::Whole => new Field($path, $kind, $row[1], (string) ($row[2] ?? ''), (float) ($row[3] ?? 0), (float) ($row[4] ?? 0)),
            FieldKind::Text => new Field($path, $kind, $row[1], most: (float) ($row[2] ?? 0)),
            FieldKind::One, FieldKind::Some => new Field($path, $kind, $row[1], options: self::options($row[2] ?? [])),
            default => new Field($path, $kind, $row[1]),
        };
    }

    /**
     * @param  class-string<BackedEnum>|list<string>  $from
     * @return list<string>
     */
    private static function options(string|array $from): array
    {
        return is_array($from) ? $from : array_map(strval(...), array_column($from::cases(), 'value'));
    }
}
