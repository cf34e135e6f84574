<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trip;
use Illuminate\Support\Str;
use OldEddy\Drill\Casting;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\HiddenDay;
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
        $this->log($trip, [])->assertOk();
        self::assertSame($expected, $trip->contacts()->count());
        $this->get(route('drill.end', $trip))->assertOk()->assertSee((string) $day->told())->assertSee('What the advice did')->assertSee('What your choices cost')->assertSee('curve-advice', false);
        $this->get(route('days'))->assertOk()->assertDontSee('Drill on hidden day');
    }

    public function test_a_days_secret_is_for_drills_only(): void
    {
        $this->actingAs($wren = $this->angler());
        $this->get(route('drill.end', $this->trip($wren)))->assertNotFound();
        $this->post(route('drill.begin'), ['ask' => (string) Str::uuid(), 'seed' => 'x'])->assertSessionHasErrors('seed');
    }
}
