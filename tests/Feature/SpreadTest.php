<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Day\SpreadOfDay;
use App\Models\Trip;
use App\Models\User;
use App\Waters\PassesOfDay;
use OldEddy\Contract\SpreadContract;
use OldEddy\Contract\SpreadReader;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\LineKind;
use OldEddy\Where\Lake\DepthGrid;

/** The spread of a day: laid out, moved under the hand, kept, and read as one typed it. Rules T1, T2, T7. */
final class SpreadTest extends WaterTestCase
{
    private User $wren;

    private Trip $trip;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler();
        $this->actingAs($this->wren);
        $this->trip = $this->trolled($this->wren);
    }

    public function test_a_day_that_is_trolled_has_a_spread_before_anything_was_typed(): void
    {
        $this->get(route('choose', $this->trip))->assertOk()->assertSee(route('troll', $this->trip));
        $page = $this->get(route('troll', $this->trip))->assertOk()->assertSee('6 lines')->assertSee('port outside')->assertSee('150 ft')->assertDontSee('The day is said to be cast');
        self::assertSame(6, substr_count((string) $page->getContent(), 'data-line='));
        $this->trip->update(['conditions' => ['water' => ['visibility_ft' => 1.5]] + $this->trip->conditions]);
        $this->get(route('troll', $this->trip))->assertSee('130 ft')->assertDontSee('150 ft');
    }

    public function test_it_is_laid_out_for_a_kayak_as_a_test_of_two_colors_at_two_depths(): void
    {
        $this->post(route('troll.plan', $this->trip), ['boat' => 'kayak'])->assertRedirect()->assertSessionHas('said', 'A spread of 2 lines is laid out.');
        $spread = SpreadOfDay::of($this->trip->refresh());
        self::assertCount(2, $spread->lines);
        self::assertSame($spread->lines[0]->line->lure->key, $spread->lines[1]->line->lure->key);
        self::assertNotSame($spread->lines[0]->line->color, $spread->lines[1]->line->color);
        self::assertEqualsWithDelta(12, $spread->lines[0]->depthFt, 0.7);
        self::assertEqualsWithDelta(7, $spread->lines[1]->depthFt, 0.7);
        $this->post(route('troll.plan', $this->trip), ['boat' => 'boat', 'count' => 8])->assertSessionHasNoErrors();
        self::assertCount(8, SpreadOfDay::of($this->trip->refresh())->lines);
        $this->wren->forceFill(['box' => [['lure' => 'casting_jig']]])->save();
        $this->post(route('troll.plan', $this->trip->fresh()), ['boat' => 'boat'])->assertSessionHasErrors(['boat' => 'Nothing in the box can be towed: no diving plug and no trolling spoon.']);
        $this->trip->refresh()->update(['spread' => null]);
        $this->get(route('troll', $this->trip))->assertOk()->assertSee('Nothing in the box can be towed');
    }

    public function test_what_is_moved_is_answered_and_what_is_kept_stays(): void
    {
        $form = $this->form(['let_out' => '100']);
        $straight = $this->getJson(route('troll.try', ['trip' => $this->trip] + $form))->assertOk();
        self::assertSame('100 ft', $straight->json('said.out-port_outside'));
        self::assertSame('model', $straight->json('said.basis-port_outside'));
        self::assertNull($this->trip->refresh()->spread, 'nothing is kept while the hand moves');
        $turn = $this->getJson(route('troll.try', ['trip' => $this->trip, 'way' => 'starboard', 'radius' => 120] + $form))->assertOk();
        self::assertStringContainsString('all but stops', (string) $turn->json('parts.minded'));
        self::assertNotSame($straight->json('parts.above'), $turn->json('parts.above'));
        $this->put(route('troll.keep', $this->trip), $form)->assertRedirect()->assertSessionHasNoErrors();
        $kept = SpreadOfDay::of($this->trip->refresh());
        self::assertSame(100.0, $kept->line('port_outside')?->line->letOutFt);
        self::assertSame(SpreadContract::kept($kept), SpreadContract::kept(SpreadReader::spread($this->trip->spread ?? [])), 'it reads back as it was written');
    }

    public function test_points_that_were_measured_take_over_and_go_along_to_the_next_day(): void
    {
        $this->put(route('troll.keep', $this->trip), $this->form(['let_out' => '100', 'points' => '80 6, 120 10']))->assertRedirect()->assertSessionHasNoErrors();
        $line = SpreadOfDay::of($this->trip->refresh())->line('port_outside');
        self::assertSame(['points', 8.0], [$line?->basis->value, $line?->depthFt]);
        $next = $this->trip($this->wren, ['species' => 'walleye', 'mode' => 'troll', 'date' => '2026-04-21']);
        $lure = $line->line->lure->key;
        $taken = array_filter(SpreadOfDay::of($next)->lines, static fn ($l): bool => $l->line->lure->key === $lure);
        self::assertNotSame([], $taken);
        self::assertSame([[80.0, 6.0], [120.0, 10.0]], array_values($taken)[0]->line->points);
        $other = $this->angler('other@old-eddy.example');
        self::assertSame([], SpreadOfDay::of($this->trip($other, $next->conditions))->lines[0]->line->points, 'of nobody else');
    }

    public function test_length_weight_ahead_and_line_are_said_and_another_lure_has_its_own_length(): void
    {
        $this->put(route('troll.keep', $this->trip), $this->form(['carrier' => 'weight', 'sinker' => '6', 'length' => '5', 'line' => 'mono_20']))->assertRedirect()->assertSessionHasNoErrors();
        $line = SpreadOfDay::of($this->trip->refresh())->line('port_outside')->line ?? self::fail('no such line');
        self::assertSame([Carrier::Weight, 6.0, 5.0, LineKind::Mono20], [$line->carrier, $line->sinkerOz, $line->lengthIn, $line->tiedTo]);
        $other = $line->lure->key === 'trolling_spoon' ? 'banana_plug' : 'trolling_spoon';
        $this->put(route('troll.keep', $this->trip), $this->form(['lure' => $other, 'of' => $line->lure->key, 'length' => '5']))->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame(4.0, SpreadOfDay::of($this->trip->refresh())->line('port_outside')->line->lengthIn ?? null, 'the usual one of that lure');
        $this->put(route('troll.keep', $this->trip), $this->form(['sinker' => 'heavy']))->assertSessionHasErrors('lines.0.sinker_oz');
        $this->get(route('troll', $this->trip))->assertSee('value="heavy"', false);
        $this->put(route('troll.keep', $this->trip), ['speed' => '99'] + $this->form([]))->assertStatus(302)->assertSessionHasErrors(['speed_mph' => 'Speed must be from 0.2 to 10 mph; 99 was given.']);
        $this->wren->update(['units' => 'metric']);
        $this->actingAs($this->wren->fresh());
        $form = $this->form(['carrier' => 'weight', 'sinker' => '170', 'length' => '12.7']);
        $answer = $this->put(route('troll.keep', $this->trip), $form);
        $answer->assertSessionHasErrors('lines.0.let_out_ft')->assertStatus(302);
        $form['lines'] = array_map(static fn (array $l): array => ['let_out' => '30'] + $l, $form['lines']);
        $this->put(route('troll.keep', $this->trip), $form)->assertRedirect()->assertSessionHasNoErrors();
        $line = SpreadOfDay::of($this->trip->refresh())->line('port_outside')->line ?? self::fail('no such line');
        self::assertEqualsWithDelta([6.0, 5.0], [$line->sinkerOz, $line->lengthIn], 0.01, 'grams and centimetres');
    }

    public function test_what_cannot_be_read_is_named_and_nothing_typed_is_lost(): void
    {
        $page = $this->followingRedirects()->from(route('troll', $this->trip))->put(route('troll.keep', $this->trip), $this->form(['points' => '80 six', 'let_out' => '115']));
        $page->assertOk()->assertSee('Port outside, points must be two numbers', false)->assertSee('80 six')->assertSee('value="115"', false);
        self::assertNull($this->trip->refresh()->spread);
        $this->getJson(route('troll.try', ['trip' => $this->trip] + $this->form(['let_out' => '2'])))->assertStatus(422)->assertJsonPath('errors.0.path', 'lines.0.let_out_ft');
        $this->getJson(route('troll.try', ['trip' => $this->trip, 'lines' => 'none']))->assertStatus(422);
        $this->put(route('troll.keep', $this->trip), ['lines' => [['points' => ['a', ['b']]]]])->assertSessionHasErrors('lines.0.points');
        $this->wren->update(['units' => 'metric']);
        $form = $this->form([]);
        $form['lines'] = array_map(static fn (array $line): array => ['let_out' => '30'] + $line, $form['lines']);
        $this->put(route('troll.keep', $this->trip), ['speed' => '3.6'] + $form)->assertSessionHasNoErrors();
        $kept = SpreadOfDay::of($this->trip->refresh());
        self::assertEqualsWithDelta(2.237, $kept->speedMph, 0.01);
        self::assertEqualsWithDelta(98.4, $kept->line('port_outside')?->line->letOutFt, 0.1);
        $this->get(route('troll', $this->trip))->assertOk()->assertSee('30 m')->assertSee('km/h')->assertDontSee(' ft');
    }

    public function test_passes_are_drawn_over_the_lake_of_the_day_where_its_bottom_is_known(): void
    {
        $this->get(route('troll', $this->trip))->assertOk()->assertDontSee('Passes over');
        $lake = $this->wren->lakes()->create(['name' => 'Alder lake']);
        $this->trip->update(['lake_id' => $lake->id]);
        $this->get(route('troll', $this->trip->fresh()))->assertOk()->assertDontSee('Passes over');
        // A bottom that falls to the south by a foot in 50.
        $depths = [];
        for ($i = 0; $i < 100 * 100; $i++) {
            $depths[] = 1.0 + intdiv($i, 100) * 20 / 0.3048 / 50;
        }
        $lake->keepGrid(new DepthGrid(36.91, -80.1, 20, 100, 100, $depths));
        $page = $this->get(route('troll', $this->trip->fresh()))->assertOk()->assertSee('Passes over Alder lake')->assertSee('under each lure');
        self::assertSame(1, substr_count((string) $page->getContent(), 'class="plan-pass"'), 'one along a straight bank');
        $page->assertSee('turn at its beginning')->assertSee('of the chart, on pass 1')->assertDontSee('where the boat was');
        $page->assertSee('no room, take lines in first')->assertDontSee('plan-pass-turn', false);
        $side = fn (array $more): string => (string) $this->get(route('troll.try', $this->trip).'?'.http_build_query($this->form([]) + $more))->assertOk()->json('parts.side');
        self::assertStringContainsString('on pass 1', $side(['where' => '0', 'share' => '50']));
        self::assertStringContainsString('the bottom is unknown here', $side(['where' => 'day']));
        self::assertStringNotContainsString('of the chart', $side(['where' => '9', 'share' => '50']), 'no such pass');
        // A marked place of cobble near its middle: named, and the pass over that bottom is the part near it.
        $reading = SpreadOfDay::reading($this->trip->fresh());
        $way = PassesOfDay::of($this->trip->fresh(), $reading, SpreadOfDay::of($this->trip->fresh()))->passes[0]->way ?? self::fail('no pass');
        $at = $way[intdiv(count($way), 2)];
        $lake->spots()->create(['name' => 'Cobble edge', 'lat' => $at->lat, 'lon' => $at->lon, 'bottom' => 'gravel']);
        $this->get(route('troll', $this->trip->fresh()))->assertSee('Cobble edge (gravel) after');
        $over = $this->get(route('troll', ['trip' => $this->trip, 'bottom' => 'gravel']))->assertOk()->assertSee('Cobble edge (gravel)');
        self::assertSame(1, substr_count((string) $over->getContent(), 'class="plan-pass"'));
        self::assertLessThan(900 * 1.1, PassesOfDay::of($this->trip->fresh(), $reading, SpreadOfDay::of($this->trip->fresh()), Bottom::Gravel)->passes[0]->feet() ?? INF);
        $this->get(route('troll', ['trip' => $this->trip, 'bottom' => 'lava']))->assertSessionHasErrors('bottom');
        // The boat's own way lies over the passes, and the bottom is told where it is.
        foreach (range(0, 20) as $i) {
            $this->trip->fixes()->create(['at' => sprintf('2026-04-20 08:%02d:00', $i), 'lat' => $at->lat, 'lon' => $at->lon + $i * 0.0004]);
        }
        $this->get(route('troll', $this->trip->fresh()))->assertSee('class="plan-own-way"', false)->assertSee('along the way that the boat came');
        self::assertStringContainsString('along the way that the boat came', $side(['where' => 'boat']));
        $lake->keepGrid(new DepthGrid(36.91, -80.1, 20, 100, 100, array_fill(0, 10000, 5.0)));
        $this->get(route('troll', $this->trip->fresh()))->assertOk()->assertSee('No pass of');
    }

    public function test_the_spread_is_its_owners(): void
    {
        $this->actingAs($this->angler('other@old-eddy.example'));
        foreach ([$this->get(route('troll', $this->trip)), $this->put(route('troll.keep', $this->trip), $this->form([])), $this->get(route('troll.try', $this->trip))] as $answer) {
            self::assertContains($answer->status(), [403, 404]);
        }
    }

    /**
     * The form of the page as it stands, with one line changed.
     *
     * @param  array<string, string>  $first
     * @return array<string, mixed>
     */
    private function form(array $first): array
    {
        $spread = SpreadOfDay::of($this->trip);
        $lines = array_map(static fn (array $l): array => array_map(strval(...), ['let_out' => $l['let_out_ft'], 'of' => $l['lure'], 'length' => $l['length_in']] + array_diff_key($l, ['let_out_ft' => 0, 'points' => 0, 'length_in' => 0])), SpreadContract::kept($spread)['lines']);
        $lines[0] = $first + $lines[0];

        return ['boat' => 'boat', 'speed' => (string) $spread->speedMph, 'lines' => $lines];
    }
}
