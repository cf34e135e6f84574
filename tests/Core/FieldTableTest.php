<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Day\FieldSheet;
use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\Field;
use OldEddy\Contract\FieldKind;
use OldEddy\Contract\FieldTable;
use OldEddy\Contract\StintsReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The one table of fields, held against the readers of JSON and the form of the day. */
final class FieldTableTest extends TestCase
{
    #[DataProvider('fields')]
    public function test_a_reader_takes_what_the_table_allows_and_names_the_field_of_anything_else(string $thing, Field $field): void
    {
        foreach (self::fine($field) as $value) {
            self::assertSame([], self::problems($thing, $field->path, $value), "{$field->path}: ".json_encode($value));
        }
        foreach (self::wrong($field) as $value) {
            $paths = self::problems($thing, $field->path, $value);
            self::assertNotSame([], $paths, "{$field->path} took ".json_encode($value));
            self::assertStringContainsString(
                str_starts_with($field->path, 'spot.shallow') || str_starts_with($field->path, 'spot.deep') ? 'spot.depth_ft' : $field->path,
                implode(' ', $paths),
            );
        }
    }

    /** @return iterable<string, array{string, Field}> */
    public static function fields(): iterable
    {
        foreach (['day', 'stint', 'contact'] as $thing) {
            foreach (FieldTable::of($thing) as $path => $field) {
                // The contract of the pattern knows no forage, cover or light of a contact, and any word for the species.
                if ($thing !== 'contact' || ! in_array($path, ['species', 'forage', 'cover', 'cover_part', 'light'], true)) {
                    yield "{$thing}: {$path}" => [$thing, $field];
                }
            }
        }
    }

    public function test_the_form_of_the_day_has_every_field_once(): void
    {
        $shown = [];
        foreach (FieldSheet::groups() as $controls) {
            foreach ($controls as $control) {
                $shown[] = $control->path;
            }
        }
        self::assertSame($shown, array_unique($shown));
        // The zone is the angler's own, and the box has a page of its own.
        self::assertEqualsCanonicalizing(array_diff(array_keys(FieldTable::of('day')), ['timezone', 'owned']), $shown);
    }

    public function test_a_field_that_is_not_there_is_an_error_of_the_program(): void
    {
        $this->expectExceptionMessage('A day has no field water.salt.');
        FieldTable::one('day', 'water.salt');
    }

    /** @return list<mixed> */
    private static function fine(Field $field): array
    {
        return match ($field->kind) {
            FieldKind::Number => [$field->least, ($field->least + $field->most) / 2, $field->most],
            FieldKind::Whole => [(int) $field->least, (int) $field->most],
            FieldKind::One => $field->options,
            FieldKind::Some => [$field->options, [$field->options[0]]],
            FieldKind::YesNo => [true, false],
            FieldKind::Text => $field->path === 'timezone' ? ['America/New_York'] : [str_repeat('x', (int) $field->most)],
            FieldKind::Date => ['2026-04-20'],
            FieldKind::Time => ['06:30'],
        };
    }

    /** @return list<mixed> */
    private static function wrong(Field $field): array
    {
        return match ($field->kind) {
            FieldKind::Number => [$field->least - 0.01, $field->most + 0.01, 'ten'],
            FieldKind::Whole => [(int) $field->least - 1, (int) $field->most + 1, 1.5],
            FieldKind::One => in_array($field->path, ['structure', 'cover'], true) ? [7] : ['none of them', 7],
            FieldKind::Some => [['none of them'], 'a word'],
            FieldKind::YesNo => ['yes', 1],
            FieldKind::Text => [7, str_repeat('x', 200)],
            FieldKind::Date => ['2026-02-30', 'today'],
            FieldKind::Time => ['25:00', 'noon'],
        };
    }

    /** @return list<string> the paths of what is wrong */
    private static function problems(string $thing, string $path, mixed $value): array
    {
        try {
            if ($thing === 'day') {
                // The color of a prey is asked with the prey.
                $day = self::day($path, $value);
                isset($day['seen_prey'][0]['color']) && $day['seen_prey'][0]['prey'] = 'crawfish';
                ConditionsReader::read($day);
            } else {
                $contact = $thing === 'contact' ? [$path => $value] + ['kind' => 'caught'] : ['kind' => 'caught'];
                StintsReader::read(
                    ['stints' => [
                        ($thing === 'stint' ? [$path => $value] : []) + [
                            'at' => '2026-04-20T08:00', 'spot' => 'Wall', 'lure' => 'jerkbait', 'casts' => 5, 'contacts' => [$contact],
                        ],
                    ]],
                );
            }

            return [];
        } catch (InvalidInput $e) {
            return array_map(static fn (InputProblem $p): string => $p->path, $e->problems);
        }
    }

    /** @return array<string, mixed> a day with this field so; the two depths of a spot are a pair in the contract */
    private static function day(string $path, mixed $value): array
    {
        $day = ['species' => 'largemouth_bass', 'date' => '2026-04-20', 'spot' => ['structure' => 'dock']];
        if (in_array($path, ['spot.shallow_ft', 'spot.deep_ft'], true)) {
            $day['spot']['depth_ft'] = $path === 'spot.deep_ft' ? [0, $value] : [$value, 1000];

            return $day;
        }
        $at = &$day;
        foreach (explode('.', $path) as $key) {
            $at = &$at[$key];
        }
        $at = $value;

        return $day;
    }
}
