<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Models\User;
use App\Waters\CastHere;
use App\Waters\DayOnLake;
use App\Waters\DocksToday;
use App\Waters\SpotToday;
use Illuminate\Support\Str;
use OldEddy\Where\Lake\DepthGrid;

/** What is kept of a place on the water: the line of a cast, a dock in passing; and what Where makes of it: lanes, walks, docks by depth, days of wind. */
final class LinesAndDocksTest extends WaterTestCase
{
    private User $wren;

    private Lake $lake;

    private Trip $trip;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler();
        $this->actingAs($this->wren);
        $this->lake = $this->wren->lakes()->create(['name' => 'Alder pond']);
        // A bottom that falls to the south, 3 m cells: 10 ft at row 60.
        $depths = [];
        for ($i = 0; $i < 120 * 120; $i++) {
            $depths[] = max(0.0, 10 + (intdiv($i, 120) - 60) * 0.3);
        }
        $this->lake->keepGrid(new DepthGrid(36.91, -80.1, 3, 120, 120, $depths));
        $this->trip = $this->trip($this->wren, [
            'lat' => 36.91, 'lon' => -80.1, 'time' => '09:00', 'timezone' => 'America/New_York', 'weather' => ['sky' => 'clear', 'wind_mph' => 10, 'wind_from_deg' => 270], 'water' => ['temp_f' => 60],
        ]);
        $this->trip->update(['lake_id' => $this->lake->id]);
    }

    public function test_a_line_that_gave_a_fish_is_kept_told_to_the_deck_and_taken_back(): void
    {
        $spot = $this->spot('Break', 60);
        $this->log($this->trip, [$this->stint((string) Str::uuid(), 'Break')])->assertOk();
        $line = $this->event('line', ['spot' => 'Break', 'lat' => $spot->lat, 'lon' => $spot->lon - 0.0001, 'bearing_deg' => 88, 'length_ft' => 70]);
        $state = $this->log($this->trip, [$line])->assertOk();
        self::assertSame(['fish', '2026-04-20T08:00:00', 88.0, 70.0], [$spot->refresh()->cast_line['from'], $spot->cast_line['at'], $spot->castLine()?->bearingDeg, $spot->castLine()?->lengthFt]);
        self::assertEqualsWithDelta(88, $state->json('state.lines.Break.bearing_deg'), 0.1);
        $this->get(route('where', ['trip' => $this->trip, 'spot' => $spot->id]))->assertOk()->assertSee('where it lay when a fish came')->assertSee('88°');
        // A better one later; undone, the first stands again.
        $second = $this->event('line', ['spot' => 'Break', 'lat' => $spot->lat, 'lon' => $spot->lon, 'bearing_deg' => 100, 'length_ft' => 60]);
        $this->log($this->trip, [$second])->assertOk();
        self::assertSame(100.0, $spot->refresh()->castLine()?->bearingDeg);
        $this->log($this->trip, [$this->event('undo', ['target' => $second['id']])])->assertOk();
        self::assertSame(88.0, $spot->refresh()->castLine()?->bearingDeg);
        // Neither phone nor boat knows where it is, or which way it points.
        $blind = $this->event('line', ['spot' => 'Break', 'length_ft' => 70]);
        $this->log($this->trip, [$blind])->assertOk()->assertJsonPath('events.0.became', 'refused');
        $this->log($this->trip, [$this->event('line', ['spot' => 'Nowhere', 'lat' => 36.9, 'lon' => -80.1, 'bearing_deg' => 1, 'length_ft' => 70])])->assertJsonPath('events.0.became', 'refused');
    }

    public function test_the_boats_instruments_say_where_it_lies_where_the_phone_does_not(): void
    {
        $spot = $this->spot('Break', 60);
        $value = static fn (float $v): array => ['value' => $v, 'second' => now()->getTimestamp(), 'at' => now()->toIso8601String(), 'stale' => false];
        $this->trip->update(['boat' => ['values' => ['lat' => $value(36.9085), 'lon' => $value(-80.098), 'heading_deg' => $value(200)], 'heard' => 3, 'undated' => 0, 'broken' => [], 'unbelieved' => [], 'until' => null]]);
        $this->log($this->trip, [$this->stint((string) Str::uuid(), 'Break')])->assertOk();
        $this->log($this->trip, [$this->event('line', ['spot' => 'Break', 'length_ft' => 70])])->assertJsonPath('events.0.became', 'taken');
        self::assertSame([36.9085, 200.0], [$spot->refresh()->castLine()?->boat->lat, $spot->castLine()?->bearingDeg]);
        // The boat lies on the line it made: Where says so, and tells how far off it is after it drifted.
        $this->get(route('where', ['trip' => $this->trip, 'spot' => $spot->id]))->assertSee('On the line.');
        $this->trip->update(['boat' => ['values' => ['lat' => $value(36.90853), 'lon' => $value(-80.098), 'heading_deg' => $value(210)]] + ($this->trip->boat ?? [])]);
        $this->get(route('where', ['trip' => $this->trip, 'spot' => $spot->id]))->assertSee('Off by 11 ft and 10°');
    }

    public function test_the_line_of_the_cast_is_found_out_of_the_bottom_at_todays_level(): void
    {
        $spot = $this->spot('Break', 60);
        $at = function () use ($spot): CastHere {
            $day = new DayOnLake($this->trip->refresh(), $this->lake->refresh());

            return (new SpotToday($day, $spot, 540))->cast();
        };
        $cast = $at();
        self::assertNotNull($cast->read);
        self::assertEqualsWithDelta(90, fmod($cast->read->line->bearingDeg, 180), 6, 'along the break, which runs west to east');
        $this->get(route('where', ['trip' => $this->trip, 'spot' => $spot->id]))->assertOk()->assertSee('in deeper water')->assertSee('cast-stay', false)->assertSee('plan-boat', false);
        // Four feet higher the same depth lies farther up the bank.
        $this->trip->update(['conditions' => ['water' => ['level_ft' => 4, 'temp_f' => 60]] + $this->trip->conditions]);
        self::assertGreaterThan($cast->read->line->boat->lat, $at()->read?->line->boat->lat ?? 0.0, 'to the north, where it is shallower');
    }

    /** S26. */
    public function test_a_dock_is_marked_in_passing_and_ranked_by_the_depths_that_paid(): void
    {
        $dock = fn (float $lat, float $in, float $out): array => $this->event('dock', ['lat' => $lat, 'lon' => -80.0985, 'dock_kind' => 'floating', 'inside_ft' => $in, 'outside_ft' => $out, 'walkway_ft' => 40]);
        $first = $dock(36.909, 3, 8);
        $this->log($this->trip, [$first, $dock(36.9088, 8, 15), $dock(36.9086, 3, 9)])->assertJsonPath('events.0.became', 'taken');
        self::assertSame(['Dock 1', 'Dock 2', 'Dock 3'], $this->lake->spots()->pluck('name')->all());
        $one = Lake::spotNamed($this->lake->id, 'Dock 1') ?? self::fail();
        self::assertSame(['floating', 3.0, 8.0, 40.0], [$one->dock['kind'] ?? null, (float) ($one->dock['inside_ft'] ?? 0), (float) ($one->dock['outside_ft'] ?? 0), (float) ($one->dock['walkway_ft'] ?? 0)]);
        self::assertNotNull($one->fetch_ft, 'read like any spot');
        $ranked = fn (): array => array_map(static fn (array $d): string => $d['dock']->name, DocksToday::of(new DayOnLake($this->trip->refresh(), $this->lake->refresh()), 540)->ranked ?? []);
        self::assertCount(3, $ranked());
        $stint = (string) Str::uuid();
        $this->log($this->trip, [$this->stint($stint, 'Dock 2'), $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught'])])->assertJsonPath('events.0.became', 'taken');
        self::assertSame('Dock 2', $ranked()[0], 'like the one that gave a fish');
        $this->get(route('where', $this->trip))->assertSee('Docks by the depths that paid today');
        // Taken back, the dock goes; the one that was fished stays.
        $this->log($this->trip, [$this->event('undo', ['target' => $first['id']])])->assertOk();
        self::assertSame(['Dock 2', 'Dock 3'], $this->lake->spots()->pluck('name')->all());
        $lost = $this->event('dock', ['dock_kind' => 'piling', 'inside_ft' => 2, 'outside_ft' => 5, 'walkway_ft' => 10]);
        $this->log($this->trip, [$lost])->assertJsonPath('events.0.became', 'refused');
    }

    public function test_a_flat_is_drifted_and_in_fall_an_arm_is_walked(): void
    {
        $flat = $this->spot('Clay flat', 45, ['structure' => 'flat']);
        $this->get(route('where', ['trip' => $this->trip, 'spot' => $flat->id]))->assertOk()->assertSee('Drift it')->assertSee('toward 90°')->assertSee('plan-lane', false);
        $this->lake->update(['sections' => [['name' => 'Main', 'lat' => 36.907, 'lon' => -80.098], ['name' => 'Arm', 'lat' => 36.9095, 'lon' => -80.098]]]);
        foreach ([40, 46, 52] as $i => $row) {
            $this->spot("Wood {$i}", $row, ['cover' => ['wood']]);
        }
        $this->get(route('where', $this->trip))->assertDontSee('To the back');
        $this->trip->update(['conditions' => ['date' => '2026-10-10', 'stage' => 'fall'] + $this->trip->conditions]);
        $this->get(route('where', $this->trip->refresh()))->assertOk()->assertSee('To the back of Arm')->assertSeeInOrder(['To the back', 'Wood 2', 'Wood 1', 'Wood 0']);
    }

    /** W23: typed, from the days before on this water, or as their boats measured it; what is typed goes first. */
    public function test_the_wind_of_the_days_before_is_derived_and_typed(): void
    {
        $before = $this->trip($this->wren, ['date' => '2026-04-19', 'weather' => ['wind_mph' => 12, 'wind_from_deg' => 180]]);
        $before->update(['lake_id' => $this->lake->id]);
        $measured = $this->trip($this->wren, ['date' => '2026-04-18']);
        $measured->update(['lake_id' => $this->lake->id, 'measured' => ['weather' => ['wind_mph' => 8, 'wind_from_deg' => 190]]]);
        $this->trip->update(['notes' => 'looked at again', 'conditions' => ['rods' => 4] + $this->trip->conditions]);
        $days = $this->trip->refresh()->known()['wind_days'] ?? [];
        self::assertEquals([['2026-04-19', 12.0, 180.0], ['2026-04-18', 8.0, 190.0]], array_map(static fn (array $d): array => [$d['date'], (float) $d['wind_mph'], (float) $d['wind_from_deg']], $days));
        $this->get(route('where', $this->trip))->assertOk()->assertSee('value="12"', false);
        $this->post(route('where.wind', $this->trip), ['days' => [['wind' => '20', 'from' => '90'], ['wind' => '', 'from' => '']]])->assertSessionHasNoErrors();
        self::assertCount(1, $this->trip->refresh()->told()->windDays, 'what is typed stands as a whole');
        self::assertSame([1, 20.0, 90.0], array_values(get_object_vars($this->trip->told()->windDays[0])));
        $this->post(route('where.wind', $this->trip), ['days' => [['wind' => '20', 'from' => ''], ['wind' => '', 'from' => '']]])->assertSessionHasErrors('days.0.from');
        $this->post(route('where.wind', $this->trip), ['days' => [['wind' => '', 'from' => ''], ['wind' => '', 'from' => '']]])->assertSessionHasNoErrors();
        self::assertCount(2, $this->trip->refresh()->told()->windDays, 'emptied, the derived ones count again');
    }

    public function test_a_section_is_said_to_be_in_its_own_stage_and_shown_with_its_water(): void
    {
        $this->lake->update(['sections' => [['name' => 'Upper arm', 'lat' => 36.9095, 'lon' => -80.098]]]);
        $this->get(route('sections', $this->trip))->assertOk()->assertSee('Upper arm');
        $this->post(route('sections.keep', $this->trip), ['sections' => [['name' => 'Upper arm', 'temp' => '66', 'visibility' => '2', 'stage' => 'spawn']]])->assertSessionHasNoErrors();
        self::assertSame('spawn', $this->trip->refresh()->conditions['sections'][0]['stage']);
        $this->spot('Flat', 40);
        $this->get(route('where', $this->trip))->assertOk()->assertSee('Upper arm, 66 °F, seen 2 ft, spawn');
        $this->post(route('sections.keep', $this->trip), ['sections' => [['name' => 'Upper arm', 'stage' => 'hatching']]])->assertSessionHasErrors('sections.0.stage');
    }

    /** The sea is felt: what a route costs more in waves is said. */
    public function test_a_route_says_what_waves_and_draft_cost(): void
    {
        $this->spot('Near', 70);
        $this->spot('Far', 110);
        $this->post(route('where.route', $this->trip), ['from' => '07:00', 'to' => '11:00', 'minutes' => 12, 'speed' => 20, 'draft' => '2'])->assertSessionHasNoErrors();
        self::assertSame(2.0, $this->trip->refresh()->route?->asked->craft->draftFt);
        $this->trip->update(['conditions' => ['weather' => ['wind_mph' => 30, 'wind_from_deg' => 270]] + $this->trip->conditions]);
        $this->post(route('where.route', $this->trip), ['from' => '07:00', 'to' => '11:00', 'minutes' => 12, 'speed' => 40])->assertSessionHasNoErrors();
        self::assertGreaterThan(0.2, $this->trip->refresh()->route->waveFt ?? 0.0);
        $this->post(route('where.route', $this->trip), ['from' => '07:00', 'to' => '11:00', 'minutes' => 12, 'speed' => 20, 'draft' => '50'])->assertSessionHasErrors('draft');
    }

    /** @param  array<string, mixed>  $more */
    private function spot(string $name, int $row, array $more = []): LakeSpot
    {
        [$lat, $lon] = ($this->lake->fullGrid() ?? self::fail())->position(60, $row);

        return $this->lake->spots()->create($more + ['name' => $name, 'lat' => $lat, 'lon' => $lon, 'structure' => 'point', 'shallow_ft' => 8, 'deep_ft' => 12]);
    }
}
