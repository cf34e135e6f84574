<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\Field;
use OldEddy\Contract\FieldKind;
use OldEddy\Contract\FieldTable;
use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\TurnKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The schemas that other programs go by, against the table of fields that this one goes by. */
final class SchemaTest extends TestCase
{
    #[DataProvider('fields')]
    public function test_the_schema_has_the_limits_and_options_of_the_field(string $schema, string $at, Field $field): void
    {
        $node = self::node($schema, $at);
        self::assertNotSame([], $node, $at);
        if (in_array($field->kind, [FieldKind::Number, FieldKind::Whole], true)) {
            self::assertEquals([$field->least, $field->most], [$node['minimum'] ?? null, $node['maximum'] ?? null], $at);
        }
        if ($field->options !== []) {
            self::assertEqualsCanonicalizing(
                $field->options,
                array_values(array_filter($node['enum'] ?? $node['items']['enum'] ?? $node['items']['then']['enum'] ?? [], static fn (?string $v): bool => $v !== null)),
                $at,
            );
        }
    }

    /** @return iterable<string, array{string, string, Field}> */
    public static function fields(): iterable
    {
        foreach (FieldTable::of('day') as $path => $field) {
            // The two depths of a spot are a pair in the contract.
            $at = in_array($path, ['spot.shallow_ft', 'spot.deep_ft'], true) ? 'spot.depth_ft/items' : $path;
            yield "day: {$path}" => ['plan.in', $at, $field];
        }
        foreach (['lure', 'color', 'depth_ft', 'water_depth_ft', 'weight_oz', 'length_in', 'cast', 'casts', 'minutes', 'cover_part', 'light'] as $path) {
            yield "stint: {$path}" => ['pattern.in', "stints/items.{$path}", FieldTable::one('stint', $path)];
        }
        foreach (['kind', 'length_in', 'hooked', 'at_cast', 'depth_ft', 'weight_lb', 'lost_by'] as $path) {
            yield "contact: {$path}" => ['pattern.in', "stints/items.contacts/items.{$path}", FieldTable::one('contact', $path)];
        }
    }

    /** SCHOOLS: every disagreement has a key, its choices and a default. */
    public function test_the_schools_and_turns_of_the_schema_are_those_there_are(): void
    {
        foreach (['plan.in', 'pattern.in'] as $schema) {
            $schools = self::node($schema, 'schools')['properties'];
            self::assertEqualsCanonicalizing(array_keys(Schools::CHOICES), array_keys($schools));
            foreach (Schools::CHOICES as $key => $choices) {
                $said = array_unique(array_map(strval(...), array_filter($schools[$key]['enum'], static fn (mixed $v): bool => $v !== null)));
                self::assertEqualsCanonicalizing($choices, $said, $key);
            }
        }
        self::assertEqualsCanonicalizing(array_column(TurnKind::cases(), 'value'), self::node('pattern.in', 'turns/items.what')['enum']);
    }

    /**
     * A node of a schema by its path: dots go into properties, slashes as they are.
     *
     * @return array<string, mixed>
     */
    private static function node(string $schema, string $path): array
    {
        $node = json_decode((string) file_get_contents(__DIR__."/../../docs/schema/{$schema}.json"), true, flags: JSON_THROW_ON_ERROR);
        foreach (explode('.', $path) as $step) {
            [$key, $inner] = [...explode('/', $step, 2), null];
            // One of a list is an item of it.
            $node = (is_numeric($key) ? $node['items'] : $node['properties'][$key] ?? null) ?? self::fail("{$schema} has no {$path}");
            $node = $inner === null ? $node : $node[$inner];
        }

        return $node;
    }
}
