<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lake;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use OldEddy\Day\Conditions\Settler;
use PHPUnit\Framework\Attributes\DataProvider;

/** One place, one clock, one thing in hand: the deck's entries and what follows from them. */
final class HandTest extends WaterTestCase
{
    private User $wren;

    private Trip $trip;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->wren = $this->angler());
        $this->trip = $this->trip($this->wren, ['water' => ['temp_f' => 74, 'visibility_ft' => 3], 'timezone' => 'America/New_York', 'lat' => 36.0, 'lon' => -79.5]);
    }

    /** R22: color, weight, length, retrieve and depth are each a part of what was shown. */
    public function test_every_part_of_a_presentation_is_logged_and_weighed_apart(): void
    {
        [$first, $lighter] = [(string) Str::uuid(), (string) Str::uuid()];
        $state = $this->log($this->trip, [
            ['weight_oz' => 0.5, 'length_in' => 4, 'water_depth_ft' => 7, 'cast_kind' => 'parallel'] + $this->stint($first),
            $this->event('casts', ['stint' => $first, 'count' => 20]),
            ['weight_oz' => 0.375, 'length_in' => 4, 'cast_kind' => 'long', 'at' => '2026-04-20T08:20:00'] + $this->stint($lighter),
            $this->event('casts', ['stint' => $lighter, 'count' => 20]),
        ])->assertOk()->json('state');
        self::assertSame([0.5, 0.375], array_column($state['stints'], 'weight_oz'));
        self::assertSame(['parallel', 'long'], array_column($state['stints'], 'cast_kind'));
        self::assertSame(['long', 'parallel'], collect($state['parts']['spinnerbait']['cast_kind'])->pluck('value')->intersect(['long', 'parallel'])->sort()->values()->all());
        $kept = $this->trip->stints()->get();
        self::assertSame([7.0, 7.0], $kept->pluck('water_depth_ft')->all(), 'the water stays where it is when the lure is changed');
        $this->get(route('confirm', $this->trip))->assertOk()->assertSee('3/8 oz')->assertSee('1/2 oz')->assertSee('parallel');
    }

    public function test_every_offer_says_all_that_is_needed_to_begin_with_it(): void
    {
        $stint = (string) Str::uuid();
        $state = $this->log($this->trip, [['weight_oz' => 0.5] + $this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 40])])->json('state');
        $offers = array_values(array_filter(array_column($state['next'], 'offer')));
        self::assertNotSame([], $offers);
        foreach ($offers as $offer) {
            $next = (string) Str::uuid();
            $event = array_diff_key($offer, ['words' => 0]) + $this->event('stint', ['stint' => $next, 'at' => '2026-04-20T09:00:00']);
            self::assertSame('taken', $this->log($this->trip, [$event])->json('events.0.became'), (string) json_encode($event));
            self::assertSame($offer['color'], $this->trip->stints()->whereKey($next)->firstOrFail()->color);
        }
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('wrong')]
    public function test_a_part_that_cannot_be_is_refused_by_its_name(string $field, array $more): void
    {
        $answer = $this->log($this->trip, [$more + $this->stint((string) Str::uuid())])->assertOk()->json('events.0');
        self::assertSame('refused', $answer['became']);
        self::assertStringContainsString("The {$field}", $answer['message']);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'weight' => ['weight_oz', ['weight_oz' => 400]];
        yield 'length' => ['length_in', ['length_in' => 'long']];
        yield 'water' => ['water_depth_ft', ['water_depth_ft' => -1]];
        yield 'cast' => ['cast_kind', ['cast_kind' => 'lob']];
        yield 'structure' => ['structure', ['structure' => 'castle']];
        yield 'cover' => ['cover', ['cover' => 'umbrella']];
        yield 'latitude' => ['lat', ['lat' => 91]];
        yield 'longitude' => ['lon', ['lon' => 'east']];
    }

    public function test_an_empty_entry_may_be_put_right_part_by_part_and_undone(): void
    {
        $stint = (string) Str::uuid();
        $amend = $this->event('amend', ['stint' => $stint, 'fields' => ['weight_oz' => 0.25, 'depth_ft' => 6], 'was' => ['weight_oz' => null, 'depth_ft' => 3]]);
        $this->log($this->trip, [$this->stint($stint), $amend])->assertOk();
        $kept = $this->trip->stints()->firstOrFail();
        self::assertSame([0.25, 6.0], [$kept->weight_oz, $kept->depth_ft]);
        $this->log($this->trip, [$this->event('undo', ['target' => $amend['id']])]);
        self::assertSame([null, 3.0], [$kept->refresh()->weight_oz, $kept->depth_ft]);
    }

    public function test_a_tap_is_answered_with_what_it_changed_and_no_more(): void
    {
        $stint = (string) Str::uuid();
        $state = $this->log($this->trip, [$this->stint($stint)])->json('state');
        $tap = $this->postJson(route('log', $this->trip), ['events' => [$this->event('casts', ['stint' => $stint, 'count' => 1])], 'ground' => $state['ground']])->assertOk();
        self::assertLessThanOrEqual(3 * 1024, strlen((string) json_encode($tap->json('after'))));
        self::assertNull($tap->json('state'));
        self::assertSame([[$stint], [1, 1, 0], []], [array_column($tap->json('after.touched'), 'id'), $tap->json('after.count'), $tap->json('after.gone')]);
        self::assertSame(1, $tap->json('after.touched.0.casts'));
        $asked = $this->postJson(route('log', $this->trip), ['events' => [$this->event('casts', ['stint' => $stint, 'count' => 4])], 'ground' => $state['ground']])->assertOk();
        self::assertNotNull($asked->json('after.next.0.action'));
        self::assertLessThanOrEqual(3 * 1024, strlen((string) json_encode($asked->json('after'))));
        $old = $this->postJson(route('log', $this->trip), ['events' => [], 'ground' => 'of yesterday'])->assertOk();
        self::assertSame($state['ground'], $old->json('state.ground'), 'who knows another ground gets all of it');
    }

    /** S3: the advice stands for five blank casts; whatever else is logged asks anew. */
    public function test_what_to_do_next_is_said_with_every_fifth_blank_cast_and_with_all_else(): void
    {
        [$stint, $other] = [(string) Str::uuid(), (string) Str::uuid()];
        $ground = $this->log($this->trip, [$this->stint($stint), $this->stint($other)])->json('state.ground');
        $says = fn (array ...$events): bool => array_key_exists('next', $this->postJson(route('log', $this->trip), ['events' => $events, 'ground' => $ground])->assertOk()->json('after'));
        $casts = fn (int $count, string $on): array => $this->event('casts', ['stint' => $on, 'count' => $count]);
        self::assertFalse($says($casts(4, $stint)));
        self::assertTrue($says($fifth = $casts(1, strtoupper($stint))));
        self::assertTrue($says($fifth), 'its answer was lost, and it comes again');
        self::assertFalse($says($casts(3, $other)), 'each stint has its own count');
        self::assertTrue($says($casts(1, $stint), $casts(9, $other)));
        self::assertTrue($says($this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'follow'])));
        self::assertTrue($says($this->event('undo', ['target' => $fifth['id']])));
        self::assertTrue($says(), 'a device that only looks');
    }

    public function test_what_a_tap_touches_is_found_by_contact_and_by_what_is_taken_back(): void
    {
        [$stint, $other, $fish] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $contact = $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']);
        $ground = $this->log($this->trip, [$this->stint($other), $this->stint($stint), $contact])->json('state.ground');
        $touched = fn (array $event): array => $this->postJson(route('log', $this->trip), ['events' => [$event], 'ground' => $ground])->json('after');
        self::assertSame([$stint], array_column($touched($detail = $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 12], 'units' => 'us']))['touched'], 'id'));
        self::assertSame([$stint], array_column($touched($this->event('undo', ['target' => $detail['id']]))['touched'], 'id'));
        self::assertSame([$stint], array_column($touched($this->event('undo', ['target' => $contact['id']]))['touched'], 'id'));
        $gone = $touched($this->event('remove', ['stint' => $other]));
        self::assertSame([[$other], []], [$gone['gone'], $gone['touched']]);
    }

    /** M19: what the water is like now goes the way of the log. */
    public function test_a_condition_is_said_on_the_water_once_and_can_be_undone(): void
    {
        $this->log($this->trip, [$this->stint((string) Str::uuid())]);
        $said = $this->event('condition', ['path' => 'water.visibility_ft', 'value' => '0.5', 'units' => 'us']);
        self::assertSame(['taken', 'known'], array_column($this->log($this->trip, [$said, $said])->json('events'), 'became'));
        self::assertSame(0.5, $this->trip->refresh()->conditions['water']['visibility_ft']);
        $this->log($this->trip, [$this->event('undo', ['target' => $said['id']])]);
        self::assertSame(3, $this->trip->refresh()->conditions['water']['visibility_ft']);
        $metric = $this->event('condition', ['path' => 'water.visibility_ft', 'value' => '1', 'units' => 'metric']);
        $this->log($this->trip, [$metric]);
        self::assertEqualsWithDelta(3.28, $this->trip->refresh()->conditions['water']['visibility_ft'], 0.01);
        // Said anew by another device meanwhile, it is not taken back with the first.
        $this->log($this->trip, [$this->event('condition', ['path' => 'water.visibility_ft', 'value' => '8', 'units' => 'us']), $this->event('undo', ['target' => $metric['id']])]);
        self::assertSame(8, $this->trip->refresh()->conditions['water']['visibility_ft']);
    }

    public function test_a_condition_that_cannot_be_is_refused_in_words_and_nothing_changes(): void
    {
        foreach ([['water.visibility_ft', 'much'], ['water.visibility_ft', '900'], ['weather.sky', 'green'], ['water.salt', '3'], ['species', '']] as [$path, $value]) {
            $answer = $this->log($this->trip, [$this->event('condition', ['path' => $path, 'value' => $value])])->assertOk()->json('events.0');
            self::assertSame('refused', $answer['became'], "{$path}: {$value}");
            self::assertNotSame('', (string) $answer['message']);
        }
        self::assertSame(3, $this->trip->refresh()->conditions['water']['visibility_ft']);
    }

    public function test_the_deck_asks_after_a_turn_for_what_turned(): void
    {
        $asks = $this->log($this->trip, [$this->stint((string) Str::uuid())])->json('state.asks');
        self::assertSame(['water.visibility_ft'], array_column($asks['clarity'], 'path'));
        self::assertSame(['weather.sky'], array_column($asks['light'], 'path'));
        self::assertContains('overcast', array_column($asks['light'][0]['options'], 'value'));
        self::assertSame('ft', $asks['clarity'][0]['unit']);
    }

    public function test_a_place_made_on_the_spot_is_the_spot_of_the_day(): void
    {
        $this->log($this->trip, [['structure' => 'flat', 'cover' => 'reeds'] + $this->stint((string) Str::uuid(), 'Here 08:00')]);
        $day = $this->trip->refresh();
        self::assertSame(['Here 08:00', ['structure' => 'flat', 'cover' => ['reeds']]], [$day->here, $day->conditions['spot']]);
        self::assertSame(['flat', 'reeds'], [$day->stints()->firstOrFail()->structure, $day->stints()->firstOrFail()->cover]);
        $this->get(route('choose', $day))->assertOk();
        $this->get(route('fish', $day))->assertOk()->assertSee('Here 08:00');
    }

    public function test_what_was_said_of_the_spot_stays_when_it_is_fished(): void
    {
        $said = ['structure' => 'flat', 'cover' => ['reeds', 'lily_pads'], 'bottom' => 'sand', 'depth_ft' => [2, 5], 'depth_nearby_ft' => 12];
        $this->trip->update(['conditions' => ['spot' => $said] + $this->trip->conditions]);
        $this->log($this->trip->refresh(), [$this->stint((string) Str::uuid())])->assertOk();
        self::assertEquals([$said, 'Spot 1'], [$this->trip->refresh()->conditions['spot'], $this->trip->here]);
        $this->log($this->trip, [['structure' => 'riprap', 'cover' => 'rock', 'at' => '2026-04-20T09:00:00'] + $this->stint((string) Str::uuid(), 'Toe')]);
        self::assertSame(['structure' => 'riprap', 'cover' => ['rock']], $this->trip->refresh()->conditions['spot'], 'another place is another');
    }

    public function test_going_to_a_marked_spot_makes_it_the_spot_of_the_day_and_picking_one_on_where_that_of_the_deck(): void
    {
        $lake = $this->lake();
        $day = $this->trip;
        $day->update(['lake_id' => $lake->id]);
        $this->log($day->refresh(), [$this->stint((string) Str::uuid(), 'East wall')])->assertOk();
        $day->refresh();
        self::assertSame('East wall', $day->here);
        self::assertSame(['bluff_transition', ['rock'], [6, 14]], [$day->conditions['spot']['structure'], $day->conditions['spot']['cover'], $day->conditions['spot']['depth_ft']]);
        $state = $this->log($day, [])->json('state');
        self::assertSame('East wall', $state['here']);
        $kept = $day->stints()->firstOrFail();
        self::assertNotNull($kept->spot_id);
        self::assertTrue($kept->water_depth_ft >= 6 && $kept->water_depth_ft <= 14);
    }

    public function test_the_phone_may_say_where_it_is(): void
    {
        $lake = $this->lake();
        $this->trip->update(['lake_id' => $lake->id]);
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log($this->trip->refresh(), [
            ['lat' => 36.0001, 'lon' => -79.5] + $this->stint($stint, 'Here 08:00'),
            $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught', 'lat' => 36.00012, 'lon' => -79.50003]),
        ])->assertOk();
        self::assertSame('rock', $this->trip->stints()->firstOrFail()->cover, 'it is at the wall, whatever it is called');
        self::assertSame([36.00012, -79.50003], array_values($this->trip->contacts()->firstOrFail()->only(['lat', 'lon'])));
    }

    /** W20: under way the clock is the device's, before and after it is what was typed. */
    public function test_under_way_there_is_one_clock(): void
    {
        $this->trip->update(['conditions' => ['time' => '06:00'] + $this->trip->conditions]);
        Carbon::setTestNow('2026-04-20T14:47:00-04:00');
        self::assertSame('06:00', $this->trip->refresh()->known()['time'], 'planned, not fished yet');
        $stint = (string) Str::uuid();
        $this->log($this->trip, [$this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 3])]);
        self::assertSame('14:40', $this->trip->refresh()->known()['time']);
        Carbon::setTestNow('2026-04-21T09:00:00-04:00');
        self::assertSame('06:00', $this->trip->refresh()->known()['time'], 'another day');
        Carbon::setTestNow('2026-04-20T15:00:00-04:00');
        $this->trip->update(['closed_at' => now()]);
        self::assertSame('06:00', $this->trip->refresh()->known()['time'], 'closed');
    }

    public function test_the_last_hour_is_known_beforehand_so_that_it_speaks_without_signal(): void
    {
        $state = $this->log($this->trip, [$this->stint((string) Str::uuid())])->json('state');
        // Sunset at 36 N, 79.5 W on April 20: about 19:57 by the common almanacs; value from memory.
        self::assertEqualsWithDelta(19 * 60 + 57 - 60, $state['last_hour']['from'], 4);
        self::assertStringContainsString('The last hour', $state['last_hour']['text']);
    }

    public function test_a_fish_is_weighed_measured_and_lost_by_cause(): void
    {
        [$stint, $fish, $lost] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $state = $this->log($this->trip, [
            $this->stint($stint), $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            $this->event('contact', ['stint' => $stint, 'contact' => $lost, 'contact_kind' => 'lost']),
            $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 18, 'species' => 'largemouth_bass'], 'units' => 'us']),
            $this->event('detail', ['contact' => $lost, 'fields' => ['lost_by' => 'bitten']]),
        ])->assertOk()->json('state');
        $contacts = array_column($state['stints'][0]['contacts'], null, 'id');
        // Standard weight of an 18 in largemouth: 3.3 to 3.4 lb by the published equation (D10).
        self::assertMatchesRegularExpression('/^about 3\.[34] lb$/', $contacts[$fish]['about']);
        self::assertSame('bitten', $contacts[$lost]['lost_by']);
        self::assertStringContainsString('bite-proof trace', $state['trace'], 'D13');
        $weighed = $this->log($this->trip, [$this->event('detail', ['contact' => $fish, 'fields' => ['weight' => 1.5], 'units' => 'metric'])])->json('state');
        self::assertEqualsWithDelta(3.31, $this->trip->contacts()->whereKey($fish)->firstOrFail()->weight_lb, 0.01);
        self::assertNull(array_column($weighed['stints'][0]['contacts'], null, 'id')[$fish]['about'], 'weighed is better than reckoned');
        $this->get(route('confirm', $this->trip))->assertOk()->assertSee('bitten');
    }

    public function test_several_rods_carry_one_lure_each_in_its_color(): void
    {
        $colors = array_map(static fn ($c) => $c->family->value, $this->trip->plan()->entry('spinnerbait')?->colors() ?? []);
        self::assertGreaterThan(1, count($colors));
        foreach ([$colors[0], $colors[1], $colors[1]] as $color) {
            $this->put(route('rack.rig', [$this->trip, 'spinnerbait']), ['color' => $color])->assertRedirect();
        }
        self::assertSame([$colors[0], $colors[1]], $this->trip->rack()->pluck('color')->all());
        self::assertNotNull($this->trip->rack()->firstOrFail()->weight_oz);
        $rods = $this->log($this->trip->refresh(), [])->json('state.rods');
        self::assertSame(["spinnerbait/{$colors[0]}", "spinnerbait/{$colors[1]}"], array_column($rods, 'key'));
        $this->delete(route('rack.unrig', [$this->trip, 'spinnerbait']), ['color' => $colors[0]])->assertRedirect();
        self::assertSame([$colors[1]], $this->trip->rack()->pluck('color')->all());
        $this->putJson(route('rack.rig', [$this->trip, 'spinnerbait']), ['color' => 'mauve'])->assertJsonValidationErrors('color');
    }

    /** M18, M23: said on the deck, followed by the advice, taken back like all else. */
    public function test_practice_and_a_big_fish_are_said_on_the_deck(): void
    {
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->trip->update(['lake_id' => $this->lake()->id]);
        $this->log($this->trip->refresh(), [$this->stint($stint, 'Elsewhere'), $this->event('casts', ['stint' => $stint, 'count' => 4])]);
        $practice = $this->event('manner', ['practice' => 'yes', 'goal' => 'big_fish']);
        $caught = $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']);
        $state = $this->log($this->trip->refresh(), [$practice, $caught])->json('state');
        self::assertSame(['goal' => 'big_fish', 'practice' => 'yes', 'beat' => null], $state['manner']);
        self::assertSame(['Change place', 'M18', 'East wall'], [$state['next'][0]['action'], $state['next'][0]['rule'], $state['next'][0]['offer']['spot']]);
        $back = $this->log($this->trip->refresh(), [$this->event('undo', ['target' => $practice['id']])])->json('state');
        self::assertSame(['goal' => 'numbers', 'practice' => 'no', 'beat' => null], $back['manner']);
        self::assertSame('refused', $this->log($this->trip, [$this->event('manner', ['goal' => 'fame'])])->json('events.0.became'));
    }

    public function test_the_rest_of_the_day_comes_back_to_what_paid(): void
    {
        $lake = $this->lake();
        foreach (range(1, 6) as $i) {
            $lake->spots()->create(['name' => "Flat {$i}", 'lat' => 36.0001 + $i / 500, 'lon' => -79.5, 'structure' => 'flat', 'cover' => ['none'], 'shallow_ft' => 2, 'deep_ft' => 5]);
        }
        $this->trip->update(['lake_id' => $lake->id]);
        $this->post(route('where.route', $this->trip->refresh()), ['from' => '07:00', 'to' => '19:00', 'minutes' => 45, 'speed' => 15])->assertRedirect();
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log($this->trip->refresh(), [
            $this->stint($stint, 'East wall'), $this->event('casts', ['stint' => $stint, 'count' => 15]),
            $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
        ]);
        $this->post(route('where.again', $this->trip->refresh()))->assertRedirect();
        $visits = array_count_values($this->trip->refresh()->route->names());
        self::assertGreaterThanOrEqual(1, $visits['East wall'] ?? 0, 'a fished place is not closed (S29)');
        $at = array_column($this->trip->route->stops, 'at', 'name')['East wall'];
        self::assertGreaterThan(8 * 60 + 59, $at, 'it rests first');
    }

    public function test_a_rod_is_rigged_by_an_entry_and_taken_back(): void
    {
        $rig = $this->event('rig', ['lure' => 'tube', 'color' => 'perch', 'depth_ft' => 6, 'retrieve' => 'drag_pause', 'weight_oz' => 0.25]);
        self::assertSame(['taken', 'known'], array_column($this->log($this->trip, [$rig, $rig])->json('events'), 'became'));
        self::assertSame([['tube', 'perch', 0.25]], $this->trip->rack()->get()->map(static fn ($r): array => [$r->lure, $r->color, $r->weight_oz])->all());
        $off = $this->event('rig', ['lure' => 'tube', 'color' => 'perch']);
        $this->log($this->trip->refresh(), [$off]);
        self::assertSame(0, $this->trip->rack()->count());
        $this->log($this->trip->refresh(), [$this->event('undo', ['target' => $off['id']])]);
        self::assertSame(6.0, $this->trip->rack()->firstOrFail()->depth_ft, 'as it was rigged');
        $this->log($this->trip->refresh(), [$this->event('undo', ['target' => $rig['id']])]);
        self::assertSame(0, $this->trip->rack()->count());
        self::assertSame('refused', $this->log($this->trip, [$this->event('rig', ['lure' => 'magic', 'color' => 'perch'])])->json('events.0.became'));
    }

    public function test_a_spot_is_picked_by_an_entry_and_taken_back(): void
    {
        $this->trip->update(['lake_id' => $this->lake()->id]);
        $pick = $this->event('pick', ['spot' => 'East wall']);
        $this->log($this->trip->refresh(), [$pick]);
        $day = $this->trip->refresh();
        self::assertSame(['East wall', 'bluff_transition'], [$day->here, $day->conditions['spot']['structure']]);
        $this->log($day, [$this->event('undo', ['target' => $pick['id']])]);
        self::assertSame([null, false], [$day->refresh()->here, isset($day->conditions['spot'])]);
        $unknown = $this->log($day, [$this->event('pick', ['spot' => 'Nowhere'])])->json('events.0');
        self::assertSame(['refused', 'What this entry belongs to is not in this day.'], [$unknown['became'], $unknown['message']]);
    }

    public function test_what_a_form_says_of_the_water_goes_the_way_of_the_log_and_is_taken_back(): void
    {
        $said = fn (string $path, mixed $value): array => $this->event('condition', ['path' => $path, 'value' => $value, 'units' => 'metric']);
        $this->log($this->trip, [$said('spot.cover', ['laydown', 'rock']), $said('spot.shallow_ft', '1'), $deep = $said('spot.deep_ft', '3')])->assertOk();
        $day = $this->trip->refresh();
        self::assertSame([['laydown', 'rock'], 3.28], [$day->conditions['spot']['cover'], round($day->conditions['spot']['depth_ft'][0], 2)]);
        self::assertEqualsWithDelta(9.84, $day->conditions['spot']['depth_ft'][1], 0.01);
        $this->log($day, [$this->event('undo', ['target' => $deep['id']])]);
        self::assertEqualsWithDelta([3.28, 3.28], $day->refresh()->conditions['spot']['depth_ft'], 0.01, 'the two depths stand together, and so they come back');
        $this->log($day, [$said('spot.cover', null)]);
        self::assertArrayNotHasKey('cover', $day->refresh()->conditions['spot'] ?? []);
        $wrong = $this->log($day, [$said('spot.cover', ['laydown', 7]), $said('spot.cover', ['sand castle'])])->json('events');
        self::assertSame(['refused', 'refused'], array_column($wrong, 'became'));
    }

    public function test_forms_that_may_have_no_signal_carry_their_entry(): void
    {
        $this->trip->update(['lake_id' => $this->lake()->id]);
        $choose = $this->get(route('choose', $this->trip->refresh()))->assertOk()->getContent();
        preg_match('/data-entry="([^"]+)"/', (string) $choose, $m);
        $entry = json_decode(html_entity_decode($m[1] ?? ''), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('taken', $this->log($this->trip, [$entry + $this->event('rig')])->json('events.0.became'));
        self::assertSame($entry['lure'], $this->trip->rack()->firstOrFail()->lure);
        preg_match('/data-entry="([^"]+pick[^"]+)"/', (string) $this->get(route('where', $this->trip))->assertOk()->getContent(), $m);
        $entry = json_decode(html_entity_decode($m[1] ?? ''), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('taken', $this->log($this->trip->refresh(), [$entry + $this->event('pick')])->json('events.0.became'));
        self::assertSame('East wall', $this->trip->refresh()->here);
    }

    /** M14, M20, M22: what needs no statistics stands before the numbers. */
    public function test_confirm_says_first_what_was_shared_then_what_was_lost_and_how_soon_they_bit(): void
    {
        [$reeds, $rock] = [(string) Str::uuid(), (string) Str::uuid()];
        $bite = fn (string $stint, string $kind): array => $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => $kind]);
        $this->log($this->trip, [
            ['structure' => 'flat', 'cover' => 'reeds'] + $this->stint($reeds, 'Corner'), $this->event('casts', ['stint' => $reeds, 'count' => 3]),
            $bite($reeds, 'caught'), $bite($reeds, 'missed'),
            ['structure' => 'riprap', 'cover' => 'rock', 'at' => '2026-04-20T09:00:00'] + $this->stint($rock, 'Toe', 'jerkbait'),
            $this->event('casts', ['stint' => $rock, 'count' => 30]),
        ]);
        $page = $this->get(route('confirm', $this->trip))->assertOk();
        $page->assertSeeInOrder(['What every contact shared', 'cover reeds', 'Struck and landed', 'spinnerbait', 'Your bites by cast', 'the first five casts', '2 bites, 100 %', 'The log']);
        preg_match('~had:</b>(.+?)<a\s~s', (string) $page->getContent(), $shared);
        self::assertStringNotContainsString('rock', $shared[1] ?? self::fail('nothing shared'));
        $one = $this->trip($this->wren);
        $alone = (string) Str::uuid();
        $this->log($one, [$this->stint($alone), $this->event('casts', ['stint' => $alone, 'count' => 3]), $bite($alone, 'caught')]);
        $this->get(route('confirm', $one))->assertOk()->assertDontSee('What every contact shared');
    }

    /** W22: derived from own days on the water, shown as derived, and yielding to what is typed. */
    public function test_own_days_on_the_water_say_trend_normal_and_front(): void
    {
        $lake = $this->lake();
        $day = fn (string $date, array $water, array $weather = []): Trip => tap($this->trip($this->wren, ['date' => $date, 'water' => $water, 'weather' => $weather]), fn (Trip $t) => $t->update(['lake_id' => $lake->id]));
        $day('2026-04-10', ['temp_f' => 54, 'visibility_ft' => 4], ['sky' => 'clear']);
        $day('2026-04-14', ['temp_f' => 56, 'visibility_ft' => 5], ['sky' => 'clear']);
        $day('2026-04-18', ['temp_f' => 58, 'visibility_ft' => 6], ['sky' => 'partly', 'front' => 'passing']);
        $today = $day('2026-04-20', ['temp_f' => 59, 'visibility_ft' => 2]);
        self::assertEqualsWithDelta(0.5, $today->refresh()->known()['water']['temp_trend_f_per_day'], 0.05);
        self::assertSame([5, 'post_2'], [$today->known()['water']['normal_visibility_ft'], $today->known()['weather']['front']]);
        $this->get(route('read', $today))->assertOk()->assertSee('from your own days here: 5')->assertSee('from your own days here: 2nd day after');
        $today->update(['conditions' => array_replace_recursive($today->conditions, ['weather' => ['front' => 'stable'], 'water' => ['normal_visibility_ft' => 9]])]);
        self::assertSame(['stable', 9], [$today->refresh()->known()['weather']['front'], $today->known()['water']['normal_visibility_ft']]);
        // Nobody else's days, no other water's, and none that is yet to come.
        $other = $this->angler('other@old-eddy.example');
        $theirs = $this->trip($other, ['date' => '2026-04-20', 'water' => ['temp_f' => 59]]);
        $theirs->update(['lake_id' => $lake->id]);
        self::assertNull($theirs->refresh()->derived);
        self::assertNull($this->trip($this->wren)->derived);
        self::assertNull($day('2026-04-01', ['temp_f' => 50])->refresh()->derived);
    }

    /** W22: the gauge of a pool is enough once its reference was said on any day of this water. */
    public function test_a_level_is_typed_as_the_gauge_says_it(): void
    {
        $lake = $this->lake();
        foreach (['2026-04-10' => ['pool_ft' => 640.5, 'pool_reference_ft' => 640], '2026-04-17' => ['pool_ft' => 642.0]] as $date => $water) {
            $day = $this->trip($this->wren, ['date' => $date, 'water' => $water]);
            $day->update(['lake_id' => $lake->id]);
        }
        $water = $day->refresh()->derived['water'];
        self::assertEquals([640.0, 1.5], [$water['pool_reference_ft'], $water['level_change_ft_per_week']]);
        self::assertSame(2.0, Settler::settle($day->told())->riseFt());
        $this->get(route('read', $day))->assertOk()->assertSee('Pool by the gauge')->assertSee('from your own days here: 640');
    }

    public function test_each_spot_says_what_is_tried_first_there(): void
    {
        $this->trip->update(['lake_id' => $this->lake()->id]);
        $spots = $this->log($this->trip->refresh(), [$this->stint((string) Str::uuid(), 'East wall')])->json('state.spots');
        self::assertNotSame('', array_column($spots, 'first', 'name')['East wall']);
    }

    /** The device keeps what the deck would show at the other spots: the same as the deck shows once one is there. */
    public function test_the_deck_at_another_spot_is_known_ahead(): void
    {
        $lake = $this->lake();
        $lake->spots()->create([
            'name' => 'Mill dock', 'lat' => 36.001, 'lon' => -79.5, 'structure' => 'dock', 'cover' => ['dock'], 'shallow_ft' => 2, 'deep_ft' => 7,
            'dock' => ['kind' => 'floating', 'inside_ft' => 2, 'outside_ft' => 7, 'walkway_ft' => 3, 'extras' => []],
        ]);
        $this->trip->update(['lake_id' => $lake->id]);
        $this->log($this->trip->refresh(), [
            $this->event('rig', ['lure' => 'swim_jig', 'color' => 'white', 'depth_ft' => 4, 'retrieve' => 'steady']), $this->stint((string) Str::uuid(), 'East wall'),
        ])->assertOk();
        $ahead = $this->get(route('ahead', $this->trip))->assertOk()->json();
        self::assertEqualsCanonicalizing(['East wall', 'Mill dock'], array_keys($ahead['spots']));
        self::assertNotEmpty($ahead['spots']['Mill dock']['says'], 'the dock says where to cast');
        $there = $this->log($this->trip->refresh(), [$this->stint((string) Str::uuid(), 'Mill dock')])->assertOk()->json('state');
        self::assertSame('Mill dock', $there['here']);
        $same = ['water', 'reads', 'says', 'parts', 'rods'];
        self::assertEquals(array_intersect_key($there, array_flip($same)), array_intersect_key($ahead['spots']['Mill dock'], array_flip($same)));
        self::assertNotEquals($ahead['spots']['East wall']['rods'], $there['rods'], 'and it is another water than before');
        $this->actingAs($this->angler('other@old-eddy.example'))->get(route('ahead', $this->trip))->assertNotFound();
    }

    public function test_the_ribbon_is_asked_for_apart_and_belongs_to_its_angler(): void
    {
        $this->log($this->trip, [$this->stint((string) Str::uuid())]);
        $this->get(route('ribbon', $this->trip))->assertOk()->assertSee('ribbon', false);
        $this->actingAs($this->angler('other@old-eddy.example'))->get(route('ribbon', $this->trip))->assertNotFound();
    }

    private function lake(): Lake
    {
        /** @var Lake $lake */
        $lake = $this->wren->lakes()->create(['name' => 'Ladle']);
        $lake->spots()->create([
            'name' => 'East wall', 'lat' => 36.0001, 'lon' => -79.5, 'structure' => 'bluff_transition', 'cover' => ['rock'], 'shallow_ft' => 6, 'deep_ft' => 14,
        ]);

        return $lake;
    }
}
