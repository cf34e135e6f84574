<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Boat\Listener;
use App\Day\StateOfDay;
use App\Models\Lake;
use App\Models\Trip;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use OldEddy\Boat\Sentence;
use PHPUnit\Framework\Attributes\DataProvider;

/** Water that is gone, clocks that are wrong, sensors that lie, and two who change one day at once. */
final class DryAndLateTest extends WaterTestCase
{
    /** W12: a level that dries a spot, or a spot of no depth, is said; no page and no log entry fails over it. */
    #[DataProvider('dryness')]
    public function test_a_dry_spot_is_said_to_be_dry_and_breaks_nothing(float $shallow, float $deep, ?float $level): void
    {
        [$trip, $lake] = $this->day();
        $lake->spots()->create(
            ['name' => 'Flat', 'lat' => 36.9, 'lon' => -80.1, 'structure' => 'flat', 'cover' => ['wood'], 'shallow_ft' => $shallow, 'deep_ft' => $deep],
        );
        $wet = $lake->spots()->create(['name' => 'Ledge', 'lat' => 36.901, 'lon' => -80.1, 'structure' => 'ledge', 'shallow_ft' => 8, 'deep_ft' => 20]);
        if ($level !== null) {
            $this->patchJson(route('conditions.change', $trip), ['field' => 'water.level_ft', 'value' => $level])->assertOk();
        }
        $this->get(route('where', $trip))->assertOk()->assertSee('Dry at today', false)->assertSee('Flat');
        $this->from(route('where', $trip))->post(
            route('where.pick', $trip),
            ['spot' => $lake->spots()->where('name', 'Flat')->sole()->id],
        )->assertSessionHasErrors('spot');
        $this->post(route('where.pick', $trip), ['spot' => $wet->id])->assertSessionHasNoErrors();
        $this->post(route('where.route', $trip), ['from' => '07:00', 'to' => '09:00', 'minutes' => 12, 'speed' => 20]);
        self::assertNotContains('Flat', $trip->refresh()->route->names());
        $stint = (string) Str::uuid();
        $this->log(
            $trip,
            [$this->stint($stint, 'Flat'), $this->event('casts', ['stint' => $stint, 'count' => 1])],
        )->assertOk()->assertJsonPath('events.1.became', 'taken');
        foreach (['read', 'choose', 'where', 'where.sheet', 'fish', 'confirm', 'schools', 'bench', 'sections'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
    }

    /** @return iterable<string, array{float, float, ?float}> */
    public static function dryness(): iterable
    {
        yield 'no depth at all' => [0, 0, null];
        yield 'the level dries it' => [1, 3, -3.0];
        yield 'the level is far below' => [1, 3, -5.5];
    }

    public function test_a_day_whose_spot_is_dry_is_read_for_the_water_off_it(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['spot' => ['structure' => 'flat', 'cover' => ['wood'], 'depth_ft' => [0, 0]]]);
        $this->get(route('read', $trip))->assertOk()->assertSee('This spot is dry today');
        foreach (['choose', 'fish', 'confirm'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
        foreach ([0.01, 0.1, 0.3] as $deep) {
            $thin = $this->trip($wren, ['spot' => ['depth_ft' => [0, $deep]]]);
            $this->get(route('choose', $thin))->assertOk();
            $this->get(route('fish', $thin))->assertOk();
        }
    }

    public function test_a_device_in_another_zone_logs_by_the_clock_at_the_water(): void
    {
        Carbon::setTestNow('2026-04-20 18:00:00', 'UTC');
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['timezone' => 'America/New_York']);
        $stint = (string) Str::uuid();
        $this->log(
            $trip,
            [
                ['at' => '2026-04-20T05:30:00-07:00'] + $this->stint($stint),
                $this->event('turn', ['what' => 'light', 'at' => '2026-04-20T13:00:00Z']),
                $this->event('turn', ['what' => 'level', 'at' => '2026-04-20T09:15:00']),
            ],
        )->assertOk();
        self::assertSame('2026-04-20 08:30:00', $trip->stints()->sole()->started_at->format('Y-m-d H:i:s'));
        self::assertSame(['09:00', '09:15'], $trip->turns()->get()->map(static fn ($t): string => $t->at->format('H:i'))->all());
    }

    public function test_what_lies_outside_the_day_is_flagged_and_what_cannot_be_is_refused(): void
    {
        Carbon::setTestNow('2026-04-25 18:00:00', 'UTC');
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $at = fn (string $at): array => ['at' => $at] + $this->stint((string) Str::uuid());
        $answer = $this->log(
            $trip,
            [
                $at('2026-04-20T23:50:00'), $at('2026-04-21T03:00:00'), $at('2026-04-23T08:00:00'), $at('0001-01-01T00:00:00'),
                $at('9999-12-31T08:00:00'), $at('2026-02-30T08:00:00'), $at('yesterday'), $at('2026-04-28T08:00:00'),
            ],
        )->assertOk();
        self::assertSame(['taken', 'taken', 'taken', 'refused', 'refused', 'refused', 'refused', 'refused'], array_column($answer->json('events'), 'became'));
        self::assertNull($answer->json('events.1.message'), 'a night belongs to the day on which it began');
        self::assertStringContainsString('not in this day (2026-04-20)', $answer->json('events.2.message'));
        self::assertStringContainsString('clock of this device', $answer->json('events.4.message'));
        $this->get(route('entries', $trip))->assertOk()->assertSee('which is not in this day');
    }

    /** Undoing one's own change must not take back what another device said since. */
    public function test_an_undo_takes_back_its_own_and_leaves_what_others_said_since(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log(
            $trip,
            [
                $this->stint($stint),
                $this->event('casts', ['stint' => $stint, 'count' => 5]),
                $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            ],
        );
        $detail = fn (array $fields): array => $this->event('detail', ['contact' => $fish, 'fields' => $fields, 'units' => 'us']);
        $mine = $detail(['length' => 15, 'hooked' => 'inside']);
        $set = $this->event('amend', ['stint' => $stint, 'fields' => ['casts' => 12], 'units' => 'us']);
        $this->log($trip, [$mine, $set]);
        // The other device: another length, two casts more.
        $this->log($trip, [$detail(['length' => 17.5]), $this->event('casts', ['stint' => $stint, 'count' => 2])]);
        $this->log($trip, [$this->event('undo', ['target' => $mine['id']]), $this->event('undo', ['target' => $set['id']])]);
        $contact = $trip->contacts()->sole();
        self::assertSame([17.5, null], [$contact->length_in, $contact->hooked], 'the later length stays, the own hook goes');
        self::assertSame(7, $trip->stints()->sole()->cast_count, 'five, and the two that were counted since');
    }

    /** Conditions changed beside a spot that is picked: none is lost. */
    public function test_picking_a_spot_keeps_what_was_said_meanwhile(): void
    {
        [$trip, $lake] = $this->day();
        $spot = $lake->spots()->create(['name' => 'Ledge', 'lat' => 36.901, 'lon' => -80.1, 'structure' => 'ledge', 'shallow_ft' => 8, 'deep_ft' => 20]);
        $stale = Trip::query()->with('user')->findOrFail($trip->id);
        $this->patchJson(route('conditions.change', $trip), ['field' => 'weather.wind_mph', 'value' => 14])->assertOk();
        // A request that read the day before the change was written.
        StateOfDay::pick($stale, $spot, 540);
        $conditions = $trip->refresh()->conditions;
        self::assertSame([14, 'ledge'], [$conditions['weather']['wind_mph'], $conditions['spot']['structure']]);
    }

    /** A sensor in the sun, ice, a gust: left out and said, and the rest of the recording is kept. */
    public function test_a_recording_with_impossible_values_is_kept_without_them(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['date' => '2026-04-20']);
        foreach ([['41.0', '5.0', 'temp'], ['-1.5', '5.0', 'temp'], ['12.0', '58.0', 'wind']] as [$celsius, $metresPerSecond, $what]) {
            $lines = [
                Sentence::write('GPRMC', ['120000.00', 'A', '3654.1260', 'N', '08006.2520', 'W', '0.0', '0.0', '200426', '', '']),
                Sentence::write('YXMTW', [$celsius, 'C']), Sentence::write(
                    'WIMWD',
                    ['202.0', 'T', '', 'M', '', 'N', $metresPerSecond, 'M'],
                ), Sentence::write('SDDBT', ['14.0', 'f', '4.27', 'M', '2.3', 'F']),
                Sentence::write('GPRMC', ['120010.00', 'A', '3654.1260', 'N', '08006.2520', 'W', '0.0', '0.0', '200426', '', '']),
            ];
            $this->post(
                route('boat.take', $trip),
                ['recording' => UploadedFile::fake()->createWithContent('day.nmea', implode("\r\n", $lines))],
            )->assertSessionHasNoErrors()->assertRedirect(route('boat', $trip));
            $this->get(route('boat', $trip))->assertOk()->assertSee('is not believed');
            $measured = $trip->refresh()->measured;
            self::assertArrayHasKey('lat', $measured);
            self::assertSame($what === 'temp', isset($measured['weather']['wind_mph']));
            self::assertSame($what === 'wind', isset($measured['water']['temp_f']));
            $this->get(route('read', $trip))->assertOk();
        }
        self::assertGreaterThan(0, $trip->fixes()->count());
        self::assertInstanceOf(Listener::class, new Listener($trip));
    }

    /** @return array{Trip, Lake} */
    private function day(): array
    {
        $this->actingAs($wren = $this->angler());
        $lake = $wren->lakes()->create(['name' => 'Test pond']);
        $trip = $this->trip($wren, ['lat' => 36.9, 'lon' => -80.1, 'timezone' => 'America/New_York']);
        $trip->update(['lake_id' => $lake->id]);

        return [$trip->load('user'), $lake];
    }
}
