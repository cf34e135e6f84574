<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OutOfBoundsException;

/** Every lure family. The records stand in families/, one file a group; adding a family means adding one record. */
final class Catalog
{
    private const GROUPS = ['surface', 'moving', 'bottom', 'trolling'];

    /** @var array<string, LureFamily>|null */
    private static ?array $families = null;

    /** @var array<string, array<string, LureFamily>> by job */
    private static array $doing = [];

    /** @return array<string, LureFamily> by key, in the order of the records */
    public static function all(): array
    {
        if (self::$families === null) {
            self::$families = [];
            foreach (self::GROUPS as $group) {
                foreach (require __DIR__."/families/{$group}.php" as $key => $record) {
                    self::$families[$key] = FamilyRecord::family($key, $group, $record);
                }
            }
        }

        return self::$families;
    }

    /** @return array<string, LureFamily> those that rules know for a job, by key, in the order of the records */
    public static function doing(Job $job): array
    {
        return self::$doing[$job->value] ??= array_filter(self::all(), static fn (LureFamily $l): bool => $l->does($job));
    }

    /** Whether a family has this key. */
    public static function has(string $key): bool
    {
        return isset(self::all()[$key]);
    }

    /**
     * The family with this key.
     *
     * @throws OutOfBoundsException when there is none
     */
    public static function get(string $key): LureFamily
    {
        return self::all()[$key] ?? throw new OutOfBoundsException("No lure family has the key {$key}.");
    }
}
