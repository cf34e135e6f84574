<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;

/** The sequences that tests/Scripts/sequences.test.mjs runs against the deck's own replay: the same entries give the same state. */
final class SequencesTest extends WaterTestCase
{
    /** @param  array{events: list<array<string, mixed>>, stints: list<array<string, mixed>>, undo: list<string>}  $sequence */
    #[DataProvider('sequences')]
    public function test_the_server_makes_of_it_what_the_deck_shows(array $sequence): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $usual = ['at' => '2026-04-20T08:00:00', 'color' => 'bright', 'depth_ft' => 3, 'retrieve' => 'medium'];
        $events = array_map(
            static fn (array $e): array => self::named($e['kind'] === 'stint' ? $e + $usual : $e + ['at' => $usual['at']]),
            $sequence['events'],
        );
        $state = $this->log($trip, $events)->assertOk()->json('state');
        self::assertEquals(array_map(self::named(...), $sequence['stints']), array_map(self::shown(...), $state['stints']));
        self::assertSame(array_map(self::id(...), $sequence['undo']), array_column($state['undo'], 'id'));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function sequences(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/../sequences/log.json'), true, flags: JSON_THROW_ON_ERROR) as $sequence) {
            yield $sequence['name'] => [$sequence];
        }
    }

    /**
     * What both sides show of a stint: nothing that is not said.
     *
     * @param  array<string, mixed>  $stint
     * @return array<string, mixed>
     */
    private static function shown(array $stint): array
    {
        $contact = static fn (array $c): array => array_filter(
            Arr::only($c, ['id', 'kind', 'cast', 'species', 'length', 'depth']),
            static fn (mixed $v): bool => $v !== null,
        );

        return ['contacts' => array_map($contact, $stint['contacts'])]
            + array_filter(Arr::only($stint, ['id', 'spot', 'lure', 'angler', 'casts', 'cover_part', 'line', 'lifted']), static fn (mixed $v): bool => $v !== null);
    }

    /**
     * With ids in the place of the names.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function named(array $values): array
    {
        foreach ($values as $key => $value) {
            $values[$key] = match (true) {
                in_array($key, ['id', 'stint', 'contact', 'target'], true) => self::id($value),
                $key === 'contacts' => array_map(self::named(...), $value),
                default => $value,
            };
        }

        return $values;
    }

    private static function id(string $name): string
    {
        return '00000000-0000-4000-8000-'.str_pad(bin2hex($name), 12, '0', STR_PAD_LEFT);
    }
}
