<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OutOfBoundsException;

/** Every lure family. The records stand in families/, one file a group; adding a family means adding one record. */
final class Catalog
{
    private const GROUPS = ['surface', 'moving', 'bottom', 'trolling'];

    /** @var array<string, array{string, array<string, mixed>}>|null group and record, by key */
    private static ?array $records = null;

    /** @var array<string, LureFamily> made when they are asked for */
    private static array $families = [];

    /** @var array<string, LureFamily>|null every one of them, once all were asked for */
    private static ?array $all = null;

    /** @var array<string, array<string, LureFamily>> by job */
    private static array $doing = [];

    /** @return array<string, LureFamily> by key, in the order of the records */
    public static function all(): array
    {
        return self::$all ??= array_combine(self::keys(), array_map(self::get(...), self::keys()));
    }

    /** @return list<string> in the order of the records */
    public static function keys(): array
    {
        return array_keys(self::records());
    }

    /** @return array<string, LureFamily> those that rules know for a job, by key, in the order of the records */
    public static function doing(Job $job): array
    {
        return self::$doing[$job->value] ??= array_filter(self::all(), static fn (LureFamily $l): bool => $l->does($job));
    }

    /** Whether a family has this key. */
    public static function has(string $key): bool
    {
        return isset(self::records()[$key]);
    }

    /**
     * The family with this key.
     *
     * @throws OutOfBoundsException when there is none
     */
    public static function get(string $key): LureFamily
    {
        [$group, $record] = self::records()[$key] ?? throw new OutOfBoundsException("No lure family has the key {$key}.");

        return self::$families[$key] ??= FamilyRecord::family($key, $group, $record);
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    private static function records(): array
    {
        if (self::$records === null) {
            self::$records = [];
            foreach (self::GROUPS as $group) {
                foreach (require __DIR__."/families/{$group}.php" as $key => $record) {
                    self::$records[$key] = [$group, $record];
                }
            }
        }

        return self::$records;
    }
}
