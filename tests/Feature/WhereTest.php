<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\WhereDrawing;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Waters\DayOnLake;
use App\Waters\ForTheTournament;
use App\Waters\SpotToday;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Where\Docks\Aim;
use OldEddy\Where\Docks\DockSide;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Places\RankedPlace;
use OldEddy\Where\Places\Reason;

/** One spot of a lake, read for a day: shade, shadow, dock, current, one's own past, and what of it the pages show. */
final class WhereTest extends WaterTestCase
{
    public function test_a_dock_is_read_for_the_hour_that_is_looked_at(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 80, 'visibility_ft' => 3], 'weather' => ['sky' => 'clear']]);
        $dock = $this->spot(
            $lake,
            [
                'name' => 'Slip',
                'structure' => 'dock',
                'cover' => ['dock'],
                'bank_faces_deg' => 0,
                'dock' => ['kind' => 'floating', 'inside_ft' => 3.0, 'outside_ft' => 9.0, 'walkway_ft' => 20.0, 'extras' => ['ladder']],
            ],
        );
        $day = new DayOnLake($trip, $lake->refresh());
        foreach ([510 => DockSide::Left, 1080 => DockSide::Right] as $minute => $side) {
            $today = new SpotToday($day, $dock, $minute);
            self::assertSame($side, $today->dockShade()?->side);
            self::assertSame($side, $today->boat()?->side);
            self::assertSame($side, collect($today->marks())->firstWhere('part', Aim::Walkway)?->side);
            $this->get(
                route('where', ['trip' => $trip, 'spot' => $dock->id, 'minute' => $minute]),
            )->assertOk()->assertSee("on its {$side->value}, shaded side")->assertSee('dock-shade', false)->assertSee('3 ft inside');
        }
        $night = new SpotToday($day, $dock, 1400);
        self::assertNull($night->dockShade());
        self::assertNotSame([], $night->marks());
        self::assertCount(1, $night->row());
        $lake->spots()->create(
            [
                'name' => 'Twin',
                'lat' => 36.9001,
                'lon' => -80.0995,
                'dock' => ['kind' => 'piling', 'inside_ft' => 3.5, 'outside_ft' => 8.0, 'walkway_ft' => 10.0, 'extras' => ['ramp_beside']],
            ],
        );
        $two = new SpotToday(new DayOnLake($trip, $lake->refresh()), $dock, 600);
        self::assertSame('Twin', $two->row()[0]['dock']->name, 'S16: the ramp beside it');
        self::assertSame(['Twin'], array_map(fn ($d): string => $d->name, $two->docksLikeIt()), 'S17');
        $this->get(
            route('where', ['trip' => $trip, 'spot' => $dock->id]),
        )->assertOk()->assertSee('The row of docks')->assertSee('Same depth inside and outside: Twin');
    }

    public function test_a_place_in_current_is_drawn_where_the_current_is_known_or_taken_to_run_along_the_bank(): void
    {
        [$trip, $lake] = $this->river(['waterbody' => 'river', 'water' => ['temp_f' => 68, 'current' => 'strong']]);
        $bar = $this->spot($lake, ['name' => 'Bar', 'structure' => 'gravel_bar', 'flows_to_deg' => 90, 'shallow_ft' => 2, 'deep_ft' => 6]);
        $today = new SpotToday(new DayOnLake($trip, $lake->refresh()), $bar, 600);
        self::assertTrue($today->flowSaid);
        self::assertGreaterThan(0, $today->current?->fishFt[0], 'below the bar: the current goes east');
        $this->get(
            route('where', ['trip' => $trip, 'spot' => $bar->id]),
        )->assertOk()->assertSee('In the current')->assertSee('below the bar, on the deep side')->assertDontSee('taken to run along the bank');
        $bar->update(['flows_to_deg' => null, 'bank_faces_deg' => 10]);
        $guessed = new SpotToday(new DayOnLake($trip, $lake->refresh()), $bar->refresh(), 600);
        self::assertFalse($guessed->flowSaid);
        self::assertEqualsWithDelta(100, $guessed->current?->flowsToDeg, 1e-9);
        $this->get(route('where', ['trip' => $trip, 'spot' => $bar->id]))->assertOk()->assertSee('taken to run along the bank');
        $bar->update(['bank_faces_deg' => null]);
        self::assertNull((new SpotToday(new DayOnLake($trip, $lake->refresh()), $bar->refresh(), 600))->current, 'nobody knows where it flows');
        $trip->update(['conditions' => ['water' => ['temp_f' => 68, 'current' => 'none']] + $trip->conditions]);
        $bar->update(['flows_to_deg' => 90]);
        self::assertNull((new SpotToday(new DayOnLake($trip->refresh()->load('user'), $lake->refresh()), $bar->refresh(), 600))->current, 'no current today');
    }

    public function test_ones_own_past_stays_with_a_spot_that_is_renamed_and_with_its_owner(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 80]]);
        $spot = $this->spot($lake, ['name' => 'Old name', 'structure' => 'ledge']);
        $past = $trip->user->trips()->create(
            ['name' => 'Before', 'lake_id' => $lake->id, 'conditions' => ['date' => '2026-07-01'] + $trip->conditions],
        )->load('user');
        $stint = (string) Str::uuid();
        $this->log(
            $past,
            [
                $this->stint($stint, 'Old name'),
                $this->event('casts', ['stint' => $stint, 'count' => 40]),
                $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
            ],
        )->assertOk();
        $reason = fn (): ?string => collect((new DayOnLake($trip, $lake->refresh()))->ranked(600)[0]->reasons)->firstWhere('ruleId', 'S1')?->text;
        self::assertSame('Your own log in this stage: contacts worth 1.0 in 40 casts.', $reason());
        $spot->update(['name' => 'New name']);
        self::assertSame('Your own log in this stage: contacts worth 1.0 in 40 casts.', $reason());
        // The same name on another lake is another place.
        $other = $trip->user->lakes()->create(['name' => 'Elsewhere']);
        $other->spots()->create(['name' => 'New name', 'lat' => 40, 'lon' => -90, 'structure' => 'ledge']);
        self::assertNull(collect((new DayOnLake($trip, $other))->ranked(600)[0]->reasons)->firstWhere('ruleId', 'S1'));
    }

    public function test_the_ribbon_has_the_shade_of_the_banks_that_are_looked_at(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 80], 'weather' => ['sky' => 'clear']]);
        foreach (['North bank' => 180, 'South bank' => 0, 'West bank' => 90] as $name => $faces) {
            $this->spot($lake, ['name' => $name, 'bank_faces_deg' => $faces, 'object_height_ft' => 25]);
        }
        $day = new DayOnLake($trip, $lake->refresh());
        $shades = $day->shades(['West bank', 'South bank']);
        self::assertSame(
            ['West bank', 'South bank'],
            array_values(array_unique(array_map(static fn (Fished $f): string => $f->label, $shades))),
            'in the order asked for',
        );
        foreach ($shades as $window) {
            self::assertLessThanOrEqual($window->to, $window->from);
        }
        self::assertGreaterThan(780, $shades[0]->from, 'S22: trees on a western bank shade it when the sun stands behind them, after noon');
        $this->get(route('where', $trip))->assertOk()->assertSee('ribbon-shade', false)->assertSee('wide at');
        $trip->update(['conditions' => ['weather' => ['sky' => 'overcast']] + $trip->conditions]);
        self::assertSame([], (new DayOnLake($trip->refresh()->load('user'), $lake->refresh()))->shades(['West bank']));
    }

    public function test_what_is_kept_of_a_lake_follows_its_depths_its_level_and_its_banks(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 80], 'weather' => ['sky' => 'clear']]);
        $bank = $this->spot($lake, ['name' => 'West bank', 'bank_faces_deg' => 90, 'object_height_ft' => 25]);
        // What the script draws: the first depth, and the level it adds.
        $drawn = function () use ($trip): float {
            $page = str((string) $this->get(route('where', $trip))->getContent());

            return (float) $page->betweenFirst('"depths":[', ',')->toString() + (float) $page->betweenFirst('"rise":', ',')->toString();
        };
        self::assertSame(15.0, $drawn());
        $trip->update(['conditions' => ['water' => ['temp_f' => 80, 'level_ft' => 2]] + $trip->conditions]);
        self::assertSame(17.0, $drawn(), 'at a level two feet higher');
        $lake->keepGrid(new DepthGrid(36.905, -80.105, 20, 40, 40, array_fill(0, 1600, 9.0)));
        self::assertSame(11.0, $drawn(), 'with other depths');

        $shade = fn (): string => (string) $this->get(route('ribbon', $trip))->getContent();
        $this->postJson(route('log', $trip), ['events' => [$this->stint((string) Str::uuid(), 'West bank')]])->assertOk();
        self::assertStringContainsString('ribbon-shade', $shade());
        $this->travel(2)->seconds();
        $bank->update(['object_height_ft' => 0]);
        self::assertStringNotContainsString('ribbon-shade', $shade(), 'the trees are gone');
    }

    /** W10: the spot that is picked takes the water of the section it lies in, and the lake keeps its own. */
    public function test_a_picked_spot_is_read_in_its_section(): void
    {
        [$trip, $lake] = $this->river(['date' => '2026-04-20', 'water' => ['temp_f' => 52]]);
        $lake->update(['sections' => [['name' => 'Upper arm', 'lat' => 36.91, 'lon' => -80.1], ['name' => 'Lower end', 'lat' => 36.89, 'lon' => -80.1]]]);
        $trip->update(['conditions' => ['sections' => [['name' => 'Upper arm', 'temp_f' => 66]]] + $trip->conditions]);
        $up = $this->spot($lake, ['name' => 'Up', 'lat' => 36.905, 'structure' => 'flat', 'shallow_ft' => 2, 'deep_ft' => 5]);
        $down = $this->spot($lake, ['name' => 'Down', 'lat' => 36.895, 'structure' => 'flat', 'shallow_ft' => 2, 'deep_ft' => 5]);
        $day = new DayOnLake($trip->refresh(), $lake->refresh());
        self::assertSame(['Up', 'Down'], array_map(static fn (RankedPlace $r): string => $r->place->name, $day->ranked(600)));
        $this->get(route('where', $trip))->assertOk()->assertSee('Upper arm 66')->assertDontSee('Lower end 5');
        $this->post(route('where.pick', $trip), ['spot' => $up->id])->assertSessionHasNoErrors();
        $this->get(route('read', $trip))->assertOk()->assertSee('Upper arm, 66')->assertSee('<dd>spawn</dd>', false);
        self::assertSame(52.0, (new DayOnLake($trip->refresh(), $lake))->day->tempF, 'the lake itself is as cold as before');
        $stage = $trip->stage;
        $this->post(route('where.pick', $trip), ['spot' => $down->id])->assertSessionHasNoErrors();
        $this->get(route('read', $trip))->assertOk()->assertSee('Lower end, 52')->assertDontSee('<dd>spawn</dd>', false);
        self::assertSame($stage, $trip->refresh()->stage, 'the stage of the day is the lake\'s');
    }

    public function test_a_route_that_an_older_version_kept_is_read(): void
    {
        [$trip] = $this->river(['water' => ['temp_f' => 80]]);
        DB::table('trips')->where('id', $trip->id)->update(['route' => json_encode([
            'asked' => ['from' => 420, 'to' => 600, 'minutes' => 15, 'speed_mph' => 20], 'stops' => [['spot' => 1, 'name' => 'Bar', 'at' => 430, 'to' => 445, 'run_min' => 5]],
            'home_min' => 4, 'end' => 450,
        ])]);
        $route = $trip->refresh()->route;
        self::assertSame([['Bar'], 450, [], 0.0, null], [$route->names(), $route->backAt, $route->line, $route->fuel, $route->note]);
        $trip->update(['route' => $route]);
        self::assertEquals($route, $trip->refresh()->route, 'and kept again as it is');
    }

    /** M18: a day of practice ranks the spots for the tournament's day and hours, with what it gave counted in. */
    public function test_practice_ranks_the_spots_for_the_tournament(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 82], 'weather' => ['sky' => 'clear']]);
        foreach (['Morning shade' => 270, 'Evening shade' => 90] as $name => $faces) {
            $this->spot($lake, ['name' => $name, 'structure' => 'bluff_transition', 'shallow_ft' => 2, 'deep_ft' => 9, 'bank_faces_deg' => $faces, 'object_height_ft' => 40]);
        }
        $this->get(route('confirm', $trip))->assertOk()->assertDontSee('For the tournament');
        $stint = (string) Str::uuid();
        $this->postJson(route('log', $trip), ['events' => [
            $this->event('manner', ['practice' => 'yes']), $this->stint($stint, 'Evening shade'), $this->event('casts', ['stint' => $stint, 'count' => 2]),
        ]])->assertOk();
        $order = fn (array $asked): array => array_column(ForTheTournament::of(new DayOnLake($trip->refresh(), $lake->refresh()), ...$asked)->spots, 'name');
        self::assertSame(['Morning shade', 'Evening shade'], $order(['2026-07-25', 7, 9]));
        self::assertSame(['Evening shade', 'Morning shade'], $order(['2026-07-25', 15, 18]));
        $this->get(route('confirm', ['trip' => $trip, 'for' => '2026-07-25', 'from' => 15, 'to' => 18]))->assertOk()
            ->assertSeeInOrder(['For the tournament', 'Evening shade', 'in 2 casts', 'Morning shade', 'not fished today']);
        $caught = $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']);
        $this->postJson(route('log', $trip), ['events' => [$caught]])->assertOk();
        self::assertSame(['Evening shade', 'Morning shade'], $order(['2026-07-25', 7, 9]), 'a fish in two casts says more than the shade of an hour');
        $this->from(route('confirm', $trip))->get(route('confirm', ['trip' => $trip, 'from' => 15, 'to' => 9]))->assertSessionHasErrors('to');
    }

    public function test_a_route_is_drawn_leg_by_leg_and_a_place_says_its_two_weightiest_reasons(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 80]]);
        foreach ([['A', 36.902], ['B', 36.899], ['C', 36.896]] as [$name, $lat]) {
            $this->spot($lake, ['name' => $name, 'lat' => $lat, 'structure' => 'point', 'cover' => ['rock'], 'shallow_ft' => 5, 'deep_ft' => 15]);
        }
        $this->post(route('where.route', $trip), ['from' => '06:00', 'to' => '12:00', 'minutes' => 20, 'speed' => 10])->assertSessionHasNoErrors();
        $route = $trip->refresh()->route;
        self::assertNotNull($route);
        $page = (string) $this->get(route('where', $trip))->assertOk()->assertSee('--water: #')->getContent();
        preg_match_all('/class="plan-leg-number">(\d+)</', $page, $numbers);
        self::assertSame(array_map(strval(...), range(1, count($numbers[1]))), $numbers[1]);
        self::assertGreaterThanOrEqual(count($route->stops) - 1, count($numbers[1]), 'a leg between every two stops');
        $reasons = (new DayOnLake($trip, $lake->refresh()))->ranked(600)[0]->reasons;
        [$weighty, $others] = WhereDrawing::weighty($reasons);
        self::assertCount(2, $weighty);
        self::assertCount(count($reasons) - 2, $others);
        $weight = static fn (Reason $r): float => abs(log($r->effect));
        self::assertGreaterThanOrEqual(max(array_map($weight, $others)), min(array_map($weight, $weighty)));
    }

    public function test_confirm_leads_to_the_likes_of_what_paid_on_the_plan(): void
    {
        [$trip, $lake] = $this->river(['water' => ['temp_f' => 80]]);
        $paid = $this->spot($lake, ['name' => 'Paid', 'structure' => 'ledge', 'cover' => ['rock'], 'shallow_ft' => 8, 'deep_ft' => 16]);
        $this->spot($lake, ['name' => 'Its like', 'structure' => 'ledge', 'cover' => ['rock'], 'shallow_ft' => 9, 'deep_ft' => 16]);
        $this->spot($lake, ['name' => 'Other', 'structure' => 'flat', 'cover' => ['reeds'], 'shallow_ft' => 1, 'deep_ft' => 3]);
        $stint = (string) Str::uuid();
        $this->log(
            $trip,
            [
                $this->stint($stint, 'Paid'),
                $this->event('casts', ['stint' => $stint, 'count' => 10]),
                $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
            ],
        )->assertOk();
        $this->get(route('confirm', $trip))->assertOk()->assertSee('Its like on the plan')->assertSee(
            route('where', ['trip' => $trip, 'spot' => $paid->id]),
            false,
        );
        $plan = (string) $this->get(route('where', ['trip' => $trip, 'spot' => $paid->id]))->assertOk()->getContent();
        self::assertSame(1, preg_match_all('/class="plan-spot [^"]*alike/', $plan), 'one is ringed');
    }

    /**
     * @param  array<string, mixed>  $conditions
     * @return array{Trip, Lake}
     */
    private function river(array $conditions): array
    {
        $this->actingAs($wren = $this->angler());
        $lake = $wren->lakes()->create(['name' => 'Test river']);
        $lake->keepGrid(new DepthGrid(36.905, -80.105, 20, 40, 40, array_fill(0, 1600, 15.0)));
        $trip = $this->trip($wren, $conditions + ['date' => '2026-07-18', 'timezone' => 'America/New_York', 'lat' => 36.9, 'lon' => -80.1]);
        $trip->update(['lake_id' => $lake->id]);

        return [$trip->refresh()->load('user'), $lake];
    }

    /** @param  array<string, mixed>  $about */
    private function spot(Lake $lake, array $about): LakeSpot
    {
        return $lake->spots()->create($about + ['lat' => 36.9, 'lon' => -80.1])->refresh();
    }
}
