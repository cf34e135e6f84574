<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trip;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every kind of entry, with each of its fields wrong: refused in a sentence that names the field, and nothing of it taken. */
final class EntriesRefusedTest extends WaterTestCase
{
    private Trip $trip;

    private string $stint;

    private string $fish;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($wren = $this->angler());
        $this->trip = $this->trip($wren);
        [$this->stint, $this->fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log($this->trip, [
            $this->stint($this->stint), $this->event('casts', ['stint' => $this->stint, 'count' => 5]),
            $this->event('contact', ['stint' => $this->stint, 'contact' => $this->fish, 'contact_kind' => 'caught']),
        ])->assertOk();
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('entries')]
    public function test_a_wrong_field_is_named_and_nothing_is_taken(string $kind, string $field, array $wrong): void
    {
        $before = $this->state();
        $event = $wrong + self::sound($kind, $this->stint, $this->fish) + $this->event($kind);
        $answer = $this->log($this->trip, [$event])->assertOk()->json('events.0');
        self::assertSame('refused', $answer['became'], (string) json_encode($event));
        self::assertStringContainsString($field, $answer['message']);
        self::assertSame($before, $this->state());
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function entries(): iterable
    {
        $wrong = [
            'stint' => ['lure' => 'sea_worm', 'color' => 'mauve', 'spot' => '', 'depth_ft' => 5000, 'retrieve' => str_repeat('x', 60), 'angler' => str_repeat('x', 60), 'stint' => 'no id'],
            'casts' => ['count' => 0, 'stint' => 7],
            'contact' => ['contact_kind' => 'kissed', 'contact' => 'x', 'lat' => 200, 'lon' => -500],
            'detail' => ['contact' => 'x', 'fields' => []],
            'amend' => ['stint' => null, 'fields' => 'all'],
            'turn' => ['what' => 'tide'],
            'condition' => ['path' => 'water.salt', 'units' => 'furlongs'],
            'manner' => ['goal' => 'fame', 'practice' => 'maybe'],
            'rig' => ['lure' => 'sea_worm', 'color' => 'mauve', 'weight_oz' => 90, 'length_in' => 0],
            'pick' => ['spot' => ''],
            'route' => ['form' => 'all day', 'again' => 'maybe', 'units' => 'furlongs'],
            'undo' => ['target' => 'the last one'],
        ];
        foreach ($wrong as $kind => $fields) {
            foreach ($fields as $field => $value) {
                yield "{$kind}: {$field}" => [$kind, $field, [$field => $value]];
            }
        }
        foreach (['length' => 900, 'weight' => 5000, 'depth' => -3, 'species' => 'shark', 'hooked' => 'tail', 'lost_by' => 'magic', 'forage' => 'pizza'] as $field => $value) {
            yield "detail of {$field}" => ['detail', $field, ['fields' => [$field => $value]]];
        }
        foreach (['casts' => -1, 'weight_oz' => 99, 'length_in' => 'long', 'cover_part' => 'under', 'light' => 'neon', 'water_depth_ft' => 'deep', 'depth_ft' => -2] as $field => $value) {
            yield "amend of {$field}" => ['amend', $field, ['fields' => [$field => $value]]];
        }
        foreach (['at' => 'yesterday', 'id' => 'mine'] as $field => $value) {
            yield "any: {$field}" => ['turn', $field, [$field => $value]];
        }
    }

    public function test_each_kind_that_is_sound_is_taken(): void
    {
        foreach (['stint', 'casts', 'contact', 'detail', 'amend', 'turn', 'condition', 'manner', 'rig'] as $kind) {
            $event = self::sound($kind, $this->stint, $this->fish) + $this->event($kind);
            self::assertSame('taken', $this->log($this->trip->refresh(), [$event])->json('events.0.became'), $kind);
        }
    }

    public function test_a_kind_of_nobody_is_refused(): void
    {
        foreach (['dance', '', null, 7] as $kind) {
            $answer = $this->log($this->trip, [['kind' => $kind] + $this->event('turn')])->assertOk()->json('events.0');
            self::assertSame(['refused', 'The kind of this entry is none of those there are.'], [$answer['became'], $answer['message']]);
        }
    }

    public function test_what_belongs_to_another_day_is_not_in_this_one(): void
    {
        $other = $this->trip($this->trip->user);
        foreach (['casts', 'contact', 'detail', 'amend', 'remove'] as $kind) {
            $event = self::sound($kind, $this->stint, $this->fish) + $this->event($kind);
            $answer = $this->log($other, [$event])->assertOk()->json('events.0');
            self::assertSame(['refused', 'What this entry belongs to is not in this day.'], [$answer['became'], $answer['message']], $kind);
        }
        self::assertSame([0, 0], [$other->stints()->count(), $other->contacts()->count()]);
    }

    /** @return array<string, mixed> the fields of an entry of this kind as they should be */
    private static function sound(string $kind, string $stint, string $fish): array
    {
        return match ($kind) {
            'stint' => ['stint' => (string) Str::uuid(), 'spot' => 'Wall', 'lure' => 'tube', 'color' => 'perch', 'depth_ft' => 4, 'retrieve' => 'drag_pause'],
            'casts' => ['stint' => $stint, 'count' => 1],
            'contact' => ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'boil'],
            'detail' => ['contact' => $fish, 'fields' => ['length' => 14], 'units' => 'us'],
            'amend' => ['stint' => $stint, 'fields' => ['light' => 'shade']],
            'turn' => ['what' => 'light'],
            'condition' => ['path' => 'weather.sky', 'value' => 'overcast', 'units' => 'us'],
            'manner' => ['practice' => 'yes'],
            'rig' => ['lure' => 'tube', 'color' => 'perch', 'depth_ft' => 4, 'retrieve' => 'drag_pause'],
            'pick' => ['spot' => 'Wall'],
            'route' => ['form' => ['from' => '07:00', 'to' => '09:00', 'minutes' => '15', 'speed' => '20'], 'units' => 'us'],
            'remove' => ['stint' => $stint],
            default => ['target' => (string) Str::uuid()],
        };
    }

    /** @return list<mixed> all that an entry could have changed */
    private function state(): array
    {
        $day = $this->trip->refresh();

        return [
            $day->stints()->get()->toArray(), $day->contacts()->get()->toArray(), $day->turns()->count(), $day->rack()->count(), $day->events()->count(),
            $day->conditions, $day->here, $day->goal, $day->practice,
        ];
    }
}
