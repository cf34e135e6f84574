<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\SumDays;
use App\Log\History;
use App\Models\DaySums;
use App\Models\Trip;
use App\Waters\DayOnLake;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Log\Evidence\ContactKind;

/** What is kept added up is what adding up anew would give. */
final class SumsTest extends WaterTestCase
{
    public function test_the_sums_of_a_day_and_its_spots_follow_every_entry(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        [$wall, $point] = [(string) Str::uuid(), (string) Str::uuid()];
        $fish = (string) Str::uuid();
        $out = $this->event('remove', ['stint' => $point]);
        $steps = [
            [
                $this->stint($wall, 'Wall'),
                $this->event('casts', ['stint' => $wall, 'count' => 7]),
                $this->event('contact', ['stint' => $wall, 'contact' => $fish, 'contact_kind' => 'caught']),
            ],
            [$this->stint($point, 'Point'), $this->event('casts', ['stint' => $point, 'count' => 3])],
            [$this->event('detail', ['contact' => $fish, 'fields' => ['kind' => 'bump']])],
            [$this->event('amend', ['stint' => $point, 'fields' => ['spot' => 'wall']])],
            [$out],
            [$this->event('undo', ['target' => $out['id']])],
            [$this->event('remove', ['contact' => $fish])],
        ];
        foreach ($steps as $events) {
            $this->log($trip, $events)->assertOk();
            self::assertEquals($this->anew($trip), $this->kept($trip));
            DaySums::freshen($wren->id);
            self::assertSame(array_sum(array_column($this->kept($trip), 0)), (int) $this->levels($trip, 'lure')->sum('casts'));
            self::assertSame((int) $trip->refresh()->getAttribute('casts_made'), array_sum(array_column($this->kept($trip), 0)));
        }
        self::assertSame(['wall' => [10, 0.0]], $this->kept($trip), 'one spot, however it is spelt');
    }

    public function test_the_sums_of_days_from_before_are_filled_in(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $this->log(
            $trip,
            [
                $this->stint($stint, 'Wall'),
                $this->event('casts', ['stint' => $stint, 'count' => 7]),
                $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'missed']),
            ],
        )->assertOk();
        $before = $this->kept($trip);
        DaySums::freshen($wren->id);
        $levels = DB::table('level_sums')->get()->all();
        self::assertNotSame([], $levels);
        DB::table('spot_sums')->delete();
        DB::table('level_sums')->delete();
        DB::table('trips')->update(['summed_at' => null, 'temp_f' => null]);
        (require database_path('migrations/2026_11_28_000028_fill_spot_sums.php'))->up();
        $this->artisan('eddy:sum')->expectsOutput('1 days added up.');
        self::assertEquals($before, $this->kept($trip));
        self::assertEquals($levels, DB::table('level_sums')->get()->all());
        self::assertNotNull($trip->refresh()->getAttribute('temp_f'));
    }

    public function test_what_other_days_gave_is_as_the_log_stands_whichever_day_was_logged_last(): void
    {
        $this->actingAs($wren = $this->angler());
        $water = ['date' => '2026-04-20', 'water' => ['temp_f' => 60, 'visibility_ft' => 4]];
        [$past, $today] = [$this->trip($wren, $water), $this->trip($wren, ['date' => '2026-04-24'] + $water)];
        $stints = [$past->id => (string) Str::uuid(), $today->id => (string) Str::uuid()];
        $cast = fn (Trip $trip): mixed => $this->log($trip, [$this->event('casts', ['stint' => $stints[$trip->id], 'count' => 10])])->assertOk();
        $casts = static fn (Trip $trip): int => History::before($trip, $trip->plan()->reading)->casts;
        foreach ([$past, $today] as $trip) {
            $this->log($trip, [$this->stint($stints[$trip->id])])->assertOk();
        }
        self::assertSame([0, 0], [$casts($today), $casts($past)]);
        foreach ([$past, $today, $today, $past, $past, $today] as $i => $trip) {
            $cast($trip);
            self::assertSame(
                [(int) $past->refresh()->casts_made, (int) $today->refresh()->casts_made], [$casts($today), $casts($past)], "after entry {$i}",
            );
        }
        self::assertSame([30, 30], [$past->casts_made, $today->casts_made]);
        $past->delete();
        self::assertSame(0, $casts($today), 'a day thrown away is nobody\'s past');
    }

    public function test_what_a_fish_ate_counts_only_while_its_stint_stands(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log($trip, [
            $this->stint($stint), $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            $this->event('detail', ['contact' => $fish, 'fields' => ['forage' => 'crawfish']]),
        ])->assertOk();
        self::assertSame(['crawfish'], $trip->refresh()->forageSeen());
        $this->log($trip, [$this->event('remove', ['stint' => $stint])])->assertOk();
        self::assertSame([], $trip->refresh()->forageSeen());
    }

    /** M24: what one's own days gave on a lure moves the lineup of a day like them, and can be switched off. */
    public function test_ones_own_success_moves_the_lineup_where_it_is_wanted(): void
    {
        $this->actingAs($wren = $this->angler());
        $water = ['date' => '2026-04-20', 'water' => ['temp_f' => 60, 'visibility_ft' => 4]];
        [$past, $today] = [$this->trip($wren, $water), $this->trip($wren, ['date' => '2026-04-24'] + $water)];
        foreach (['spinnerbait' => 12, 'swim_jig' => 0] as $lure => $fish) {
            $stint = (string) Str::uuid();
            $events = [$this->stint($stint, 'Wall', $lure), $this->event('casts', ['stint' => $stint, 'count' => 200])];
            for ($i = 0; $i < $fish; $i++) {
                $events[] = $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']);
            }
            $this->log($past, $events)->assertOk();
        }
        $own = static fn (Trip $day): array => array_map(
            static fn ($e): float => array_column($e->effects(), 'effect', 'factor')['own'] ?? 1.0,
            array_column(array_map(static fn ($e): array => [$e->lure->key, $e], $day->plan()->lineup), 1, 0),
        );
        $moved = $own($today->refresh()->load('user'));
        self::assertGreaterThan(1.2, $moved['spinnerbait']);
        self::assertLessThan(0.9, $moved['swim_jig']);
        self::assertSame(1.0, $moved['jerkbait']);
        self::assertSame(1.0, $own($past->refresh()->load('user'))['spinnerbait'], 'a day is no evidence for itself');
        $this->post(route('settings.save'), ['units' => 'us', 'back' => 'settings'])->assertRedirect();
        self::assertSame(1.0, $own($today->refresh()->load('user'))['spinnerbait']);
        $this->get(route('choose', $today))->assertOk();
    }

    /** M24: it waits for days that are to be added up, not for what nobody asked of them yet; and it does not keep that it waited. */
    public function test_ones_own_success_waits_for_sums_alone(): void
    {
        $this->actingAs($wren = $this->angler());
        $water = ['date' => '2026-04-20', 'water' => ['temp_f' => 60, 'visibility_ft' => 4]];
        for ($n = 0; $n <= DaySums::AT_ONCE; $n++) {
            $stint = (string) Str::uuid();
            $this->log($past = $this->trip($wren, $water), [
                $this->stint($stint, 'Wall', 'spinnerbait'), $this->event('casts', ['stint' => $stint, 'count' => 20]),
                $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
            ])->assertOk();
            $past->update(['closed_at' => now()]);
        }
        DB::table('trips')->where('user_id', $wren->id)->update(['summed_at' => null]);
        $today = $this->trip($wren, ['date' => '2026-04-24'] + $water);
        $this->log($today, [$this->stint((string) Str::uuid())])->assertOk();
        $lures = static fn (): array => array_column($today->refresh()->load('user')->told()->ownSuccess, 'lure');
        self::assertSame([], $lures(), 'nothing is added up yet');
        DaySums::freshen($wren->id);
        self::assertGreaterThan(DaySums::AT_ONCE, DaySums::left($wren->id), 'what the days left was not asked for');
        self::assertSame(0, DaySums::unsummed($wren->id));
        self::assertSame(['spinnerbait'], $lures());
    }

    public function test_a_spot_that_was_renamed_keeps_its_record(): void
    {
        $this->actingAs($wren = $this->angler());
        $lake = $wren->lakes()->create(['name' => 'Test pond']);
        $spot = $lake->spots()->create(['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1, 'structure' => 'point', 'cover' => ['rock']]);
        [$before, $today] = [$this->trip($wren), $this->trip($wren, ['date' => '2026-04-22'])];
        foreach ([$before, $today] as $trip) {
            $trip->update(['lake_id' => $lake->id]);
        }
        $stint = (string) Str::uuid();
        $this->log(
            $before->refresh(),
            [
                $this->stint($stint, 'Wall'),
                $this->event('casts', ['stint' => $stint, 'count' => 30]),
                $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
            ],
        )->assertOk();
        $spot->update(['name' => 'Rock wall']);
        $ranked = (new DayOnLake($today->refresh()->load('user'), $lake->refresh()))->ranked(540)[0];
        self::assertSame('Rock wall', $ranked->place->name);
        self::assertStringContainsString('30 casts', implode(' ', array_map(static fn ($r): string => (string) $r->text, $ranked->reasons)));
    }

    public function test_days_come_a_page_at_a_time_the_latest_first(): void
    {
        $this->actingAs($wren = $this->angler());
        for ($i = 1; $i <= 30; $i++) {
            $this->trip($wren, ['date' => sprintf('2026-04-%02d', $i)])->update(['name' => "Day number {$i}.", 'closed_at' => now()]);
        }
        $this->trip($wren)->update(['name' => 'Still open']);
        $this->get(route('days'))->assertOk()->assertSee('Still open')->assertSeeInOrder(['Day number 30.', 'Day number 19.'])->assertDontSee('Day number 18.')->assertSee('All of them, in the logbook');
        // So many days are added up by the queue, with how far it is.
        $this->get(route('look-back'))->assertOk()->assertSee('Adding up your days')->assertSee('31 days to go');
        $this->get(route('look-back.season'))->assertOk()->assertSee('Adding up your days');
        $this->getJson(route('look-back.summing'))->assertExactJson(['left' => 31]);
        (new SumDays($wren->id))->handle();
        $this->getJson(route('look-back.summing'))->assertExactJson(['left' => 0]);
        $this->get(route('look-back'))->assertOk()->assertSeeInOrder(['Day number 30.', 'Still open', 'Day number 7.'])->assertDontSee(', Day number 6.')->assertSee('page 1 of 2');
        $this->get(route('look-back', ['page' => 2]))->assertOk()->assertSeeInOrder([', Day number 6.', ', Day number 1.'])->assertDontSee(', Day number 7.');
        $this->get(route('look-back', ['page' => 'x']))->assertRedirect();
    }

    public function test_a_slice_that_the_device_has_is_not_sent_again(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['water' => ['temp_f' => 60, 'visibility_ft' => 3]]);
        $rods = $this->log($trip, [])->assertOk()->json('state.rods');
        self::assertStringContainsString('<svg', $rods[0]['slice']);
        $again = fn (): array => $this->postJson(
            route('log', $trip),
            ['events' => [], 'slices' => array_column($rods, 'slice_key')],
        )->assertOk()->json('state.rods');
        self::assertSame(array_fill(0, count($rods), null), array_column($again(), 'slice'));
        $this->patchJson(route('conditions.change', $trip), ['field' => 'water.visibility_ft', 'value' => 9])->assertOk();
        self::assertStringContainsString('<svg', (string) $again()[0]['slice'], 'other water, another slice');
    }

    private function levels(Trip $trip, string $factor): Builder
    {
        return DB::table('level_sums')->where('trip_id', $trip->id)->where('factor', $factor);
    }

    /** @return array<string, array{int, float}> casts and weighed contacts by spot, as they are kept */
    private function kept(Trip $trip): array
    {
        return DB::table('spot_sums')->where('trip_id', $trip->id)->get()->mapWithKeys(
            static fn (object $r): array => [mb_strtolower($r->spot) => [(int) $r->casts, (float) $r->contacts_weighed]],
        )->sortKeys()->all();
    }

    /** @return array<string, array{int, float}> the same added up from the log itself */
    private function anew(Trip $trip): array
    {
        $sums = [];
        foreach ($trip->stints()->with('contacts')->get() as $stint) {
            $at = mb_strtolower($stint->spot);
            $weights = $stint->contacts->map(static fn ($c): float => ContactKind::from($c->kind)->weight())->sum();
            $sums[$at] = [($sums[$at][0] ?? 0) + $stint->cast_count, ($sums[$at][1] ?? 0.0) + $weights];
        }
        ksort($sums);

        return $sums;
    }

    /** Casts alone go on top of the sums; that gives what adding up the whole log anew gives. */
    public function test_casts_counted_on_are_summed_as_the_whole_log_is(): void
    {
        $this->actingAs($wren = $this->angler('casts@old-eddy.example'));
        $trip = $this->trip($wren);
        [$wall, $point] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log($trip, [$this->stint($wall, 'Wall'), $this->event('casts', ['stint' => $wall, 'count' => 4]), $this->stint($point, 'Point', 'jerkbait')]);
        foreach ([[$wall, 3], [$point, 7], [$wall, 1]] as [$stint, $count]) {
            $this->log($trip, [$this->event('casts', ['stint' => $stint, 'count' => $count])])->assertOk();
        }
        $sums = static fn (): array => [
            DB::table('spot_sums')->where('trip_id', $trip->id)->orderBy('spot')->get(['spot', 'casts'])->toArray(),
            $trip->refresh()->casts_made,
        ];
        $counted = $sums();
        self::assertSame(15, $counted[1]);
        $trip->recount();
        self::assertEquals($sums(), $counted);
    }
}
