<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drill\TowDrill;
use App\Models\Trip;
use Illuminate\Support\Str;
use OldEddy\Drill\Casting;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\HiddenDay;
use OldEddy\Drill\Tow\TowDay;
use OldEddy\Drill\Tow\TowedWater;
use OldEddy\Log\Next\Offer;

final class DrillTest extends WaterTestCase
{
    public function test_the_water_answers_casts_and_tells_its_secret_at_the_end(): void
    {
        $this->actingAs($this->angler());
        $this->get(route('drill'))->assertOk()->assertSee('hidden day');
        $ask = (string) Str::uuid();
        $this->post(route('drill.begin'), ['ask' => $ask, 'seed' => 7])->assertRedirect();
        $this->post(route('drill.begin'), ['ask' => $ask, 'seed' => 7]);
        $trip = Trip::query()->where('drill_seed', 7)->sole();
        $this->get(route('fish', $trip))->assertOk()->assertSee('Heron corner');
        $water = DrillWater::choices();
        $day = HiddenDay::of(7, $water);
        $choices = $day->choices(0);
        $offer = new Offer($choices->place($day->places(400)[0]->name) ?? $choices->places[0], $choices->presentations[0]);
        $stint = (string) Str::uuid();
        $shown = $offer->presentation;
        $begin = [
            'lure' => $shown->lure, 'color' => $shown->color, 'retrieve' => $shown->retrieve, 'weight_oz' => $shown->weightOz, 'spot' => $offer->place->name,
        ] + $this->stint($stint);
        $this->log($trip, [$begin, ...array_map(fn (): array => $this->event('casts', ['stint' => $stint, 'count' => 1]), range(1, 120))])->assertOk();
        $casting = new Casting($day);
        $expected = count(array_filter(range(1, 120), static fn (): bool => $casting->cast($offer) !== null));
        $kept = $trip->stints()->firstOrFail();
        self::assertSame(
            [$offer->place->cover, 'low', $offer->place->waterDepthFt, $shown->weightOz],
            [$kept->cover, $kept->light, $kept->water_depth_ft, $kept->weight_oz],
            'the place is the hidden water\'s, in the light of the hour',
        );
        self::assertGreaterThan(0, $expected);
        self::assertSame($expected, $trip->contacts()->count());
        // Asked again, the same casts are not answered twice.
        $ground = $this->log($trip, [])->assertOk()->json('state.ground');
        self::assertSame($expected, $trip->contacts()->count());
        // A cast here may have brought a fish: the advice is asked with each.
        $tap = $this->postJson(route('log', $trip), ['events' => [$this->event('casts', ['stint' => $stint, 'count' => 1])], 'ground' => $ground])->assertOk();
        self::assertNotNull($tap->json('after.next') ?? $tap->json('state.next'));
        $this->get(route('drill.end', $trip))->assertOk()->assertSee((string) $day->told())->assertSee('What the advice did')->assertSee('What your choices cost')->assertSee('curve-advice', false);
        $this->get(route('days'))->assertOk()->assertDontSee('Drill on hidden day');
    }

    /** T10: a hidden trolling day: minutes pass when one tows on, lines are logged, one is moved, and at the end the water tells. */
    public function test_a_hidden_trolling_day_is_towed_moved_and_told(): void
    {
        $this->actingAs($wren = $this->angler());
        $this->get(route('drill'))->assertOk()->assertSee('Begin a day of trolling');
        $this->post(route('drill.begin'), ['ask' => $ask = (string) Str::uuid(), 'seed' => 9, 'mode' => 'troll'])->assertRedirect();
        $trip = Trip::query()->where('drill_seed', 9)->sole();
        $this->get(route('fish', $trip))->assertRedirect(route('drill.tow', $trip));
        $this->get(route('drill.tow', $trip))->assertOk()->assertSee('360 of 360 minutes left');
        $this->get(route('drill.end', $trip))->assertOk()->assertSee('Not a minute was towed');
        for ($gone = 0; $gone < 60; $gone += 20) {
            $this->post(route('drill.tow.on', $trip), ['minutes' => 20, 'gone' => $gone])->assertRedirect(route('drill.tow', $trip));
        }
        // Tapped twice: the same minutes pass once.
        $this->post(route('drill.tow.on', $trip), ['minutes' => 20, 'gone' => 40]);
        self::assertSame(60, TowDrill::of($trip)->gone);
        self::assertCount(6, $trip->stints()->get(), 'lines that were not changed are one run each');
        $water = new TowedWater(TowDay::hidden(9), TowDay::spread());
        $expected = 0;
        foreach (TowDay::spread()->lines as $running) {
            $expected += count(array_filter(range(1, 60), static fn (int $m): bool => $water->strike($running, $m) !== null));
        }
        self::assertSame($expected, $trip->contacts()->count());
        self::assertGreaterThan(0, $expected);

        $this->get(route('drill.tow', $trip))->assertOk()->assertSee('300 of 360 minutes left')->assertSee('Do that');
        $this->post(route('drill.tow.shift', $trip))->assertSessionHas('said');
        $this->post(route('drill.tow.on', $trip), ['minutes' => 10, 'gone' => 60]);
        $runs = $trip->stints()->get();
        self::assertCount(7, $runs, 'the line that was moved runs anew');
        self::assertSame(['06:32', '06:40'], [$runs->last()?->started_at->format('H:i'), $runs->last()?->lifted_at?->format('H:i')], 'two minutes out of the water');
        foreach (['confirm', 'troll', 'read', 'drill.end'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
        $this->get(route('drill.end', $trip))->assertSee((string) TowDay::hidden(9)->told())->assertSee('What your lines cost')->assertSee('What the advice did');
        $this->post(route('drill.tow.on', $trip), ['minutes' => 400, 'gone' => 70])->assertSessionHasErrors('minutes');
        $this->get(route('days'))->assertOk()->assertDontSee('hidden trolling day');

        $this->get(route('drill.tow', $this->trip($wren)))->assertNotFound();
        $this->actingAs($this->angler('crake'));
        $this->get(route('drill.tow', $trip))->assertNotFound();
    }

    public function test_a_days_secret_is_for_drills_only(): void
    {
        $this->actingAs($wren = $this->angler());
        $this->get(route('drill.end', $this->trip($wren)))->assertNotFound();
        $this->post(route('drill.begin'), ['ask' => (string) Str::uuid(), 'seed' => 'x'])->assertSessionHasErrors('seed');
    }
}
