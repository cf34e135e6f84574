<?php

declare(strict_types=1);

namespace OldEddy\Rules;

use OldEddy\Basics\Said;
use OutOfBoundsException;

/** Every rule by its id. The rows stand in rules.php. */
final class RuleBook
{
    /** @var array<string, array{int, string, ?string, string}>|null */
    private static ?array $rows = null;

    /**
     * The rule with this id.
     *
     * @throws OutOfBoundsException when no rule has the id
     */
    public static function rule(string $id): Rule
    {
        [$chapter, $basis, $source, $text] = self::rows()[$id]
            ?? throw new OutOfBoundsException("No rule has the id {$id}.");

        return new Rule($id, $chapter, Basis::from($basis), $source, Said::of($text));
    }

    /** Whether a rule has this id. */
    public static function has(string $id): bool
    {
        return isset(self::rows()[$id]);
    }

    /** @return list<Rule> every rule, in the order of the book */
    public static function all(): array
    {
        return array_map(self::rule(...), array_keys(self::rows()));
    }

    /** @return array<string, array{int, string, ?string, string}> */
    private static function rows(): array
    {
        return self::$rows ??= require __DIR__.'/rules.php';
    }
}
