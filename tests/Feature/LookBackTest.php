<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Contact;
use App\Models\Lake;
use App\Models\Share;
use App\Models\Trip;
use App\Models\User;
use App\Year\Before;
use App\Year\Season;
use App\Year\SeasonReview;
use App\Year\WhatDayLeft;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Year\Likeness;
use OldEddy\Year\PastDay;

/** Looking back: the logbook (Y5), the season (Y3), other days (Y1, Y2), the bag (Y7), a day's report (Y8). */
final class LookBackTest extends WaterTestCase
{
    private User $wren;

    private Lake $lake;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->wren = $this->angler());
        $this->lake = $this->wren->lakes()->create(['name' => 'Alder pond']);
        foreach (['Wall' => 4.0, 'Reed point' => 1.0] as $name => $deep) {
            $this->lake->spots()->create(['name' => $name, 'lat' => 36.9, 'lon' => -80.1, 'structure' => 'point', 'shallow_ft' => 0.5, 'deep_ft' => $deep]);
        }
    }

    public function test_the_logbook_finds_days_by_what_one_remembers_of_them(): void
    {
        $april = $this->fished('2025-04-12', ['water' => ['temp_f' => 58]], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25], 'missed' => [20, null]]);
        $april->update(['notes' => 'Mud on the north side, 100 % cloud']);
        $july = $this->fished('2026-07-18', ['water' => ['temp_f' => 84], 'species' => 'smallmouth_bass'], 'Reed point', 'deep_crankbait', 30, []);
        $july->update(['lake_id' => null, 'name' => 'The river']);
        $bob = $this->angler('bob@old-eddy.example');
        $this->trip($bob, ['date' => '2026-06-01'])->update(['notes' => 'Mud as well']);
        $found = fn (array $asked): array => array_map(static fn (object $d): int => $d->id, $this->get(route('look-back', $asked))->assertOk()->viewData('page')->items());
        self::assertSame([$july->id, $april->id], $found([]), 'the newest first, and nobody else\'s');
        foreach ([
            ['year' => 2025], ['lake' => $this->lake->id], ['species' => 'largemouth_bass'], ['lure' => 'spinnerbait'], ['place' => 'wal'], ['stage' => $april->refresh()->stage],
            ['words' => 'north side'], ['words' => '100 %'], ['by' => 'temperature:55-60'], ['by' => 'lure:spinnerbait'], ['by' => 'hour:08', 'year' => 2025], ['by' => "clarity:{$april->clarity}", 'year' => 2025],
        ] as $asked) {
            self::assertSame([$april->id], $found($asked), json_encode($asked));
        }
        self::assertSame([], $found(['words' => '%']) === [$april->id] ? [] : ['a sign stands for itself']);
        self::assertSame([], $found(['by' => 'lure:tube']));
        $this->get(route('look-back'))->assertSee('17.25 in')->assertSee('Mud on the north side')->assertSee('2 contacts in 40 casts')->assertDontSee('Mud as well')->assertSee('2026: 1 day');
        $this->get(route('look-back', ['by' => 'nonsense', 'year' => 'x']))->assertSessionHasErrors(['by', 'year']);
    }

    public function test_what_a_day_left_is_kept_until_its_log_changes(): void
    {
        $trip = $this->fished('2026-04-12', [], 'Wall', 'spinnerbait', 40, ['caught' => [12, 15.0]]);
        $trip->update(['closed_at' => now()]);
        $this->get(route('look-back'))->assertOk()->assertSee('Hint');
        self::assertSame('hint', $trip->refresh()->leaves['verdict'] ?? null);
        self::assertSame($trip->leaves, WhatDayLeft::of($trip));
        $this->log($trip, [$this->event('remove', ['contact' => $trip->contacts()->firstOrFail()->id])])->assertOk();
        self::assertNull($trip->refresh()->leaves, 'the log changed: it is asked for anew');
        $this->get(route('look-back'))->assertDontSee('Hint');
    }

    public function test_every_number_of_the_season_is_what_the_log_itself_adds_up_to(): void
    {
        foreach ([['2025-04-12', 58, 'Wall', 'spinnerbait'], ['2025-06-02', 74, 'Reed point', 'jerkbait'], ['2026-04-14', 57, 'Wall', 'jerkbait']] as $i => [$date, $temp, $spot, $lure]) {
            $this->fished($date, ['water' => ['temp_f' => $temp]], $spot, $lure, 70 + 10 * $i, ['caught' => [5, 14.0 + $i], 'lost' => [9, null], 'bump' => [30, null]]);
        }
        $this->fished('2026-05-01', [], 'Wall', 'tube', 90, ['caught' => [5, 12.0]])->update(['drill_seed' => 3]);
        $bob = $this->angler('bob@old-eddy.example');
        $this->actingAs($bob)->fished('2026-05-02', [], 'Wall', 'tube', 90, ['caught' => [5, 20.0]], $bob);
        $this->actingAs($this->wren);
        foreach ([[], ['year' => 2025], ['lake' => $this->lake->id]] as $asked) {
            $where = "from stints s join trips t on t.id = s.trip_id where t.user_id = {$this->wren->id} and t.drill_seed is null and s.deleted_at is null"
                .(isset($asked['year']) ? " and json_value(t.conditions, '$.date') like '2025%'" : '');
            $weights = implode(' ', array_map(static fn (ContactKind $k): string => "when '{$k->value}' then {$k->weight()}", ContactKind::cases()));
            $sql = static fn (string $what, string $and = ''): float => (float) DB::selectOne("select {$what} as n {$where} {$and}")->n;
            $contacts = "(select coalesce(sum(case c.kind {$weights} end), 0) from contacts c where c.stint_id = s.id and c.deleted_at is null)";
            $page = $this->get(route('look-back.season', $asked))->assertOk();
            $shown = static function (string $sum) use ($page): float {
                preg_match("~data-sum=\"{$sum}\">([\d.,]+)<~", $page->getContent(), $m);

                return (float) str_replace(',', '', $m[1]);
            };
            self::assertSame($sql('sum(s.cast_count)'), $shown('casts'));
            self::assertSame($sql('count(distinct t.id)'), $shown('days'));
            self::assertSame($sql('sum((select count(*) from contacts c where c.stint_id = s.id and c.deleted_at is null))'), $shown('contacts'));
            self::assertEqualsWithDelta(100 * $sql("sum({$contacts})") / $sql('sum(s.cast_count)'), $shown('rate'), 0.051);
            $review = new SeasonReview(new Season($this->wren, $asked['year'] ?? null, null, $asked['lake'] ?? null));
            foreach (['lure' => 's.lure', 'color' => 's.color', 'structure' => 's.structure', 'hour' => "date_format(s.started_at, '%H')"] as $factor => $column) {
                foreach ($review->rates[$factor] as $rate) {
                    $and = "and {$column} = '{$rate->level}'";
                    self::assertSame([$sql('sum(s.cast_count)', $and), $sql("sum({$contacts})", $and)], [(float) $rate->casts, round($rate->weighed, 2)], "{$factor} {$rate->level}");
                }
            }
            foreach ($review->rates['temperature'] as $rate) {
                [$from, $to] = explode('-', $rate->level);
                self::assertSame($sql('sum(s.cast_count)', "and json_value(t.conditions, '$.water.temp_f') >= {$from} and json_value(t.conditions, '$.water.temp_f') < {$to}"), (float) $rate->casts);
            }
            self::assertSame($sql("sum((select count(*) from contacts c where c.stint_id = s.id and kind in ('caught', 'lost', 'missed')))", "and s.lure = 'jerkbait'"), (float) $review->tallies['landed']['jerkbait']->tried);
            self::assertSame(array_sum(array_map(static fn ($r): int => $r->casts, $review->castNumbers)), (int) $sql('sum(s.cast_count)'));
            $lengths = array_sum(array_merge(...array_values(array_map(array_values(...), $page->viewData('fish')->lengths))));
            self::assertSame((int) $sql("sum((select count(*) from contacts c where c.stint_id = s.id and c.kind = 'caught' and c.length_in is not null))"), $lengths);
        }
    }

    public function test_a_season_opens_to_its_days_and_an_empty_one_says_so(): void
    {
        $this->get(route('look-back.season'))->assertOk()->assertSee('No cast is logged yet');
        $this->get(route('look-back'))->assertOk()->assertSee('No day is logged yet');
        $this->fished('2026-04-12', ['water' => ['temp_f' => 58]], 'Wall', 'spinnerbait', 80, ['caught' => [5, 14.0]]);
        $page = $this->get(route('look-back.season'))->assertOk()->assertDontSee('What you might do differently');
        preg_match_all('~href="([^"]*by=[^"]*)"~', $page->getContent(), $links);
        self::assertGreaterThanOrEqual(20, count($links[1]));
        foreach (array_unique($links[1]) as $link) {
            self::assertCount(1, $this->get(html_entity_decode($link))->assertOk()->viewData('page')->items(), $link);
        }
    }

    public function test_what_was_offered_is_told_apart_from_ones_own_way(): void
    {
        $trip = $this->trip($this->wren);
        [$a, $b, $c] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $this->log($trip, [
            $this->stint($a), $this->event('casts', ['stint' => $a, 'count' => 10]), ['followed' => 'yes'] + $this->stint($b, 'Wall'), $this->event('casts', ['stint' => $b, 'count' => 20]),
            ['followed' => 'no'] + $this->stint($c, 'Reeds'), $this->event('casts', ['stint' => $c, 'count' => 30]),
        ])->assertOk();
        $rates = (new SeasonReview(new Season($this->wren)))->rates['advice'];
        self::assertSame(['offered' => 20, 'own_way' => 30], array_column(array_map(static fn ($r): array => ['level' => $r->level, 'casts' => $r->casts], $rates), 'casts', 'level'));
        $this->log($trip, [['followed' => 'perhaps'] + $this->stint((string) Str::uuid())])->assertJsonPath('events.0.became', 'refused');
    }

    public function test_other_days_speak_before_a_day_and_go_onto_route_and_rack_with_one_tap(): void
    {
        $this->fished('2025-04-20', ['water' => ['temp_f' => 59, 'visibility_ft' => 4, 'level_ft' => 0.0]], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]]);
        $this->fished('2025-04-21', ['water' => ['temp_f' => 60, 'visibility_ft' => 4, 'level_ft' => 0.0]], 'Reed point', 'jerkbait', 20, ['caught' => [12, 14.0]]);
        $today = $this->trip($this->wren, ['date' => '2026-04-12', 'water' => ['temp_f' => 58, 'visibility_ft' => 4, 'level_ft' => -1.5]]);
        $today->update(['lake_id' => $this->lake->id]);
        $before = new Before($today->refresh()->setRelation('user', $this->wren));
        self::assertCount(2, $before->sameTime);
        $page = $this->get(route('before', $today))->assertOk()->assertSee('17.25 in')->assertSee('lower by 1.5 ft')->assertSee('59 °F then, 58 °F now');
        self::assertMatchesRegularExpression('~<s>Reed point</s>\s*<span\s+class="muted">dry today~', $page->getContent(), 'struck out: its deepest foot is gone');
        foreach (['read', 'choose', 'where'] as $step) {
            $this->get(route($step, $today))->assertOk()->assertSee(route('before', ['trip' => $today, 'part' => 1]));
        }
        $this->get(route('before', ['trip' => $today, 'part' => 1]))->assertOk()->assertDontSee('<html')->assertSee('Same time, other years');
        $this->post(route('before.take', $today), ['from' => 'same'])->assertRedirect(route('where', $today))->assertSessionHas('said', '1 lure is on the rack, 1 place on the route.');
        self::assertSame(['spinnerbait'], $today->rack()->pluck('lure')->all(), 'not what is struck out');
        self::assertSame([$this->lake->spots()->where('name', 'Wall')->value('id')], $today->refresh()->route?->asked->locked);
        $this->post(route('before.take', $today), ['from' => 'nowhere'])->assertSessionHasErrors('from');
    }

    public function test_days_of_others_and_hidden_days_are_nobodys_past(): void
    {
        $this->fished('2025-04-12', [], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]])->update(['drill_seed' => 5]);
        $bob = $this->angler('bob@old-eddy.example');
        $this->actingAs($bob)->fished('2025-04-12', [], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]], $bob);
        $this->actingAs($this->wren);
        $today = $this->trip($this->wren, ['date' => '2026-04-12']);
        $before = new Before($today->setRelation('user', $this->wren));
        self::assertSame([[], []], [array_map(static fn (PastDay $d): int => $d->id, $before->sameTime), array_map(static fn (Likeness $l): int => $l->past->id, $before->alike)]);
        $this->get(route('before', $today))->assertOk()->assertSee('None of your days is near enough');
    }

    public function test_the_bag_runs_on_the_deck_and_the_rest_of_the_day_is_reckoned(): void
    {
        $this->post('/settings', ['units' => 'us', 'back' => 'settings', 'bag' => 2, 'least' => ['largemouth_bass' => 14]])->assertSessionHasNoErrors();
        $trip = $this->trip($this->wren->refresh());
        $stint = (string) Str::uuid();
        $fish = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $events = [$this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 40]), $this->event('manner', ['beat' => 9.5])];
        foreach ([[15.0, null, null], [18.0, 3.4, 'scale'], [12.0, null, null], [16.0, null, null]] as $i => [$length, $weight, $by]) {
            $events[] = $this->event('contact', ['stint' => $stint, 'contact' => $fish[$i], 'contact_kind' => 'caught']);
            $events[] = $this->event('detail', ['contact' => $fish[$i], 'fields' => array_filter(['length' => $length, 'weight' => $weight, 'weighed_by' => $by]), 'units' => 'us']);
        }
        $bag = $this->log($trip, $events)->assertOk()->json('state.bag');
        self::assertSame('2 of 2: 5.7 lb', $bag[0]);
        self::assertSame(['Without the biggest: 2.3 lb', 'When a better one comes, let go 16 in, 2.3 lb by its length, of 08:00', '3 that may be kept, 1 that may not', '3.8 lb to 9.5 lb'], array_slice($bag, 1));
        $this->log($trip, [$this->event('detail', ['contact' => $fish[0], 'fields' => ['kept' => 'yes', 'girth' => 12], 'units' => 'us'])])->assertOk();
        self::assertSame(['yes', 12.0], [Contact::query()->findOrFail($fish[0])->kept, Contact::query()->findOrFail($fish[0])->girth_in]);
        $this->get(route('bag', $trip))->assertOk()->assertSee('spinnerbait')->assertSee('beats 9.5 lb')->assertSee('in hand');
        $this->get(route('bag', [$trip, 'hours' => 99]))->assertSessionHasErrors('hours');
        self::assertSame([2, ['largemouth_bass' => 14.0]], [$this->wren->bagLimits()->number, $this->wren->bagLimits()->leastIn]);
        $this->post('/settings', ['units' => 'us', 'back' => 'settings', 'bag' => 0])->assertSessionHasErrors('bag');
    }

    public function test_a_report_says_what_the_angler_lets_it_say(): void
    {
        $trip = $this->fished('2026-04-12', ['water' => ['temp_f' => 58, 'temp_trend_f_per_day' => 0.8, 'visibility_ft' => 3]], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]]);
        $trip->update(['name' => 'Alder pond, the wall']);
        $this->get(route('look-back.day', $trip))->assertOk()->assertSee('Wall: spinnerbait')->assertSee('warming 0.8 °F a day')->assertSee('17.25 in')->assertDontSee('36.9000');
        $this->get(route('look-back.day', [$trip, 'positions' => 1]))->assertSee('36.9000, -80.1000');
        foreach (['look-back.day', 'report.text', 'report.picture'] as $page) {
            $hidden = $this->get(route($page, [$trip, 'spots' => 'hidden', 'positions' => 1]))->assertOk()->getContent();
            $said = $page === 'look-back.day' ? substr($hidden, (int) strpos($hidden, '<article class="report">'), (int) strpos($hidden, '</article>') - (int) strpos($hidden, '<article class="report">')) : $hidden;
            foreach (['Wall', 'wall', 'Alder', '36.9'] as $secret) {
                self::assertStringNotContainsString($secret, $said, "{$page} gives away {$secret}");
            }
            self::assertStringContainsString('a point: spinnerbait', $said);
        }
        self::assertNotFalse(simplexml_load_string($this->get(route('report.picture', $trip))->getContent()), 'a picture is well-formed');
        $this->put(route('notes', $trip), ['notes' => "Slow down.\nLeave at noon."])->assertRedirect();
        $this->get(route('look-back.day', $trip))->assertSee('Leave at noon.');
        $this->put(route('notes', $trip), ['notes' => str_repeat('x', 10001)])->assertSessionHasErrors('notes');
    }

    /** A spot that held is evidence as well: it is told only where names are. */
    public function test_what_held_and_what_did_not_name_no_place_that_is_hidden(): void
    {
        $trip = $this->fished('2026-04-12', [], 'Wall', 'spinnerbait', 15, ['caught' => [3, 15.0], 'lost' => [9, null]]);
        [$again, $blank] = [(string) Str::uuid(), (string) Str::uuid()];
        $at = ['at' => '2026-04-12T10:00:00'];
        $this->log($trip, [
            $at + $this->stint($blank, 'Reed point', 'jerkbait'), $at + $this->event('casts', ['stint' => $blank, 'count' => 80]),
            ['at' => '2026-04-12T12:00:00'] + $this->stint($again, 'Wall'), $at + $this->event('casts', ['stint' => $again, 'count' => 10]),
            $at + $this->event('contact', ['stint' => $again, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
        ])->assertOk();
        $text = fn (string $spots): string => (string) $this->get(route('report.text', [$trip, 'spots' => $spots]))->assertOk()->getContent();
        self::assertStringContainsString('spot Wall', $text('named'));
        foreach (['section', 'hidden'] as $spots) {
            self::assertStringNotContainsString('Wall', $text($spots));
            self::assertStringNotContainsString('Reed', $text($spots));
        }
    }

    public function test_a_report_blurs_places_to_their_section_and_keeps_the_writers_units(): void
    {
        $this->wren->update(['units' => 'metric']);
        $this->lake->update(['sections' => [['name' => 'North arm', 'lat' => 36.9, 'lon' => -80.1], ['name' => 'Dam', 'lat' => 36.5, 'lon' => -80.9]]]);
        $trip = $this->fished('2026-04-12', [
            'water' => ['temp_f' => 59, 'visibility_ft' => 3.28, 'level_ft' => -1.64, 'level_change_ft_per_week' => 0.9], 'sections' => [['name' => 'Dam', 'temp_f' => 50, 'visibility_ft' => 6.56]],
        ], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]]);
        $blurred = (string) $this->get(route('report.text', [$trip, 'spots' => 'section']))->assertOk()->getContent();
        foreach (['Alder pond, 2026-04-12', 'North arm: spinnerbait', '15 °C', '1 m visible', 'Level 0.5 m under its reference, rising 0.3 m a week', 'Dam: 10 °C, 2 m visible', '43.8 cm'] as $said) {
            self::assertStringContainsString($said, $blurred);
        }
        self::assertStringNotContainsString('Wall', $blurred);
        $this->put(route('share', $trip), ['spots' => 'section']);
        $this->post('/sign-out');
        $page = (string) $this->get(route('shared', Share::query()->sole()->token))->assertOk()->getContent();
        self::assertStringContainsString('43.8 cm', $page);
        self::assertDoesNotMatchRegularExpression('/\d (ft|°F|mph|lb)\b/', strip_tags($page), 'whoever reads it reads what was written');
    }

    public function test_a_weight_and_what_became_of_a_fish_are_put_right_at_the_table(): void
    {
        $trip = $this->fished('2026-04-12', [], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]]);
        $fish = $trip->contacts()->firstOrFail();
        $this->get(route('entries', $trip))->assertOk()->assertSee('name="fields[kept]"', false)->assertSee('name="fields[weighed_by]"', false);
        $this->post(route('entries.change', $trip), [
            'id' => (string) Str::uuid(), 'kind' => 'detail', 'contact' => $fish->id, 'fields' => ['weight' => '3.1', 'weighed_by' => 'scale', 'kept' => 'yes'],
            'was' => ['weight' => '', 'weighed_by' => '', 'kept' => ''],
        ])->assertSessionHasNoErrors();
        $fish->refresh();
        self::assertSame([3.1, 'scale', 'yes'], [$fish->weight_lb, $fish->weighed_by, $fish->kept]);
        self::assertSame('by the scale', $fish->weighed('largemouth_bass')?->by->says());
        self::assertStringContainsString('3.1 lb by the scale, kept', (string) $this->get(route('report.text', $trip))->getContent());
        $this->post(route('entries.change', $trip), [
            'id' => (string) Str::uuid(), 'kind' => 'detail', 'contact' => $fish->id, 'fields' => ['weighed_by' => 'guess'], 'was' => ['weighed_by' => 'scale'],
        ])->assertSessionHasErrors('fields');
    }

    public function test_a_link_shows_a_report_to_anybody_until_it_is_taken_back(): void
    {
        $trip = $this->fished('2026-04-12', [], 'Wall', 'spinnerbait', 40, ['caught' => [12, 17.25]]);
        $trip->update(['notes' => 'Nobody else reads this']);
        $this->put(route('share', $trip), ['spots' => 'hidden', 'positions' => 1])->assertRedirect();
        $share = Share::query()->where('trip_id', $trip->id)->firstOrFail();
        $this->put(route('share', $trip), ['spots' => 'hidden'])->assertRedirect();
        self::assertSame($share->token, Share::query()->where('trip_id', $trip->id)->sole()->token, 'changed, the link stays');
        $this->post('/sign-out');
        foreach (['shared', 'shared.picture', 'shared.text'] as $page) {
            $this->get(route($page, $share->token))->assertOk()->assertHeader('X-Robots-Tag', 'noindex, nofollow')->assertSee('spinnerbait')->assertDontSee('Wall')->assertDontSee('36.9')
                ->assertDontSee('Nobody else')->assertDontSee($this->wren->email);
        }
        $this->get(route('shared', str_repeat('a', 40)))->assertNotFound();
        $this->actingAs($this->angler('bob@old-eddy.example'))->delete(route('unshare', $trip))->assertNotFound();
        $this->actingAs($this->wren)->delete(route('unshare', $trip))->assertRedirect();
        $this->get(route('shared', $share->token))->assertNotFound();
    }

    public function test_what_belongs_to_another_is_not_there(): void
    {
        $trip = $this->fished('2026-04-12', [], 'Wall', 'spinnerbait', 40, []);
        $this->actingAs($this->angler('bob@old-eddy.example'));
        foreach (['look-back.day', 'before', 'bag', 'report.picture', 'report.text'] as $page) {
            $this->get(route($page, $trip))->assertNotFound();
        }
        $this->put(route('notes', $trip), ['notes' => 'x'])->assertNotFound();
        $this->put(route('share', $trip), ['spots' => 'named'])->assertNotFound();
        $this->post(route('before.take', $trip), ['from' => 'same'])->assertNotFound();
    }

    /**
     * A day with one stint, and its contacts by kind: the cast, and the length in inches where it was measured.
     *
     * @param  array<string, mixed>  $conditions
     * @param  array<string, array{int, ?float}>  $contacts
     */
    private function fished(string $date, array $conditions, string $spot, string $lure, int $casts, array $contacts, ?User $angler = null): Trip
    {
        $trip = $this->trip($angler ?? $this->wren, ['date' => $date] + $conditions);
        $trip->update(['lake_id' => $angler === null ? $this->lake->id : null]);
        $stint = (string) Str::uuid();
        $events = [['at' => "{$date}T08:00:00"] + $this->stint($stint, $spot, $lure)];
        $made = 0;
        foreach ($contacts as $kind => [$cast, $length]) {
            $fish = (string) Str::uuid();
            $events[] = $this->event('casts', ['stint' => $stint, 'count' => $cast - $made, 'at' => "{$date}T08:10:00"]);
            $events[] = $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => $kind, 'at' => "{$date}T08:20:00"]);
            if ($length !== null) {
                $events[] = $this->event('detail', ['contact' => $fish, 'fields' => ['length' => $length], 'units' => 'us', 'at' => "{$date}T08:20:00"]);
            }
            $made = $cast;
        }
        $events[] = $this->event('casts', ['stint' => $stint, 'count' => $casts - $made, 'at' => "{$date}T09:00:00"]);
        $this->log($trip, $events)->assertOk();
        // The spot of the stint is the marked one, where it bears its name.
        $trip->stints()->update(['structure' => 'point']);
        $trip->recount();

        return $trip->refresh()->setRelation('user', $angler ?? $this->wren);
    }
}
