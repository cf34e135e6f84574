<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Log\Deck;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Support\Str;
use OldEddy\Plan\Plan;

/** Details, corrections, turns, disputes, and many entries at once. */
final class LogMoreTest extends WaterTestCase
{
    public function test_details_come_in_the_anglers_units_and_are_taken_back(): void
    {
        [$trip, $stint, $fish] = $this->dayWithFish(['units' => 'metric']);
        $detail = $this->event(
            'detail',
            [
                'contact' => $fish,
                'units' => 'metric',
                'fields' => ['length' => 40, 'depth' => 1.5, 'forage' => 'crawfish', 'cover_part' => 'edge', 'light' => 'shade', 'kind' => 'lost'],
                'was' => ['length' => null],
            ],
        );
        $this->log($trip, [$detail])->assertOk()->assertJsonPath('events.0.became', 'taken')->assertJsonPath('state.stints.0.contacts.0.length', 40);
        $contact = $trip->contacts()->firstOrFail();
        self::assertEqualsWithDelta(15.75, $contact->length_in, 0.01);
        self::assertEqualsWithDelta(4.9, $contact->depth_ft, 0.05);
        self::assertSame(['lost', 'crawfish', 'edge', 'shade'], [$contact->kind, $contact->forage, $contact->cover_part, $contact->light]);
        $this->log($trip, [$this->event('undo', ['target' => $detail['id']])]);
        $contact->refresh();
        self::assertSame(['caught', null, null], [$contact->kind, $contact->length_in, $contact->forage]);
    }

    public function test_two_devices_that_differ_are_both_kept_and_told(): void
    {
        [$trip, $stint, $fish] = $this->dayWithFish();
        $this->log($trip, [$this->event('detail', ['contact' => $fish, 'fields' => ['length' => 14], 'was' => ['length' => null]])]);
        // The other device has not seen the 14 yet.
        $answer = $this->log($trip, [$this->event('detail', ['contact' => $fish, 'fields' => ['length' => 15.5], 'was' => ['length' => null]])])->assertOk();
        self::assertSame(15.5, $trip->contacts()->firstOrFail()->length_in);
        self::assertStringContainsString('15.5 stands, the other said 14', $answer->json('state.disputes.0.text'));
        $dispute = $trip->disputes()->firstOrFail();
        $this->postJson(route('dispute', [$trip, $dispute->id]), ['take' => 'other'])->assertOk()->assertJsonPath('state.disputes', []);
        self::assertSame(14.0, $trip->contacts()->firstOrFail()->length_in);
        // Saying the same twice, or correcting what one saw, is no dispute.
        $this->log(
            $trip,
            [
                $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 14], 'was' => ['length' => null]]),
                $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 16], 'was' => ['length' => 14]]),
            ],
        );
        self::assertSame(0, $trip->disputes()->count());
        // Casts set afterwards against casts counted elsewhere meanwhile.
        $this->log(
            $trip,
            [
                $this->event('casts', ['stint' => $stint, 'count' => 3]),
                $this->event('amend', ['stint' => $stint, 'fields' => ['casts' => 20], 'was' => ['casts' => 6]]),
            ],
        )->assertJsonPath('state.disputes.0.other', '9');
        self::assertSame(20, $trip->stints()->firstOrFail()->cast_count);
    }

    public function test_somebody_elses_dispute_cannot_be_settled(): void
    {
        [$trip, , $fish] = $this->dayWithFish();
        $this->log(
            $trip,
            [
                $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 14], 'was' => ['length' => null]]),
                $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 15.5], 'was' => ['length' => null]]),
            ],
        );
        $dispute = $trip->disputes()->firstOrFail();
        $this->actingAs($this->angler('marlo@old-eddy.example'));
        $this->postJson(route('dispute', [$trip, $dispute->id]), ['take' => 'other'])->assertNotFound();
        $own = $this->trip($this->angler('third@old-eddy.example'));
        $this->actingAs($own->user)->postJson(route('dispute', [$own, $dispute->id]), ['take' => 'other'])->assertNotFound();
        self::assertSame(1, $trip->disputes()->count());
    }

    public function test_the_last_ten_entries_can_be_taken_back_in_turn(): void
    {
        [$trip, $stint] = $this->dayWithFish();
        $casts = array_map(fn (): array => $this->event('casts', ['stint' => $stint, 'count' => 1]), range(1, 12));
        $state = $this->log($trip, $casts)->json('state');
        self::assertCount(10, $state['undo']);
        foreach (range(1, 10) as $i) {
            $state = $this->log($trip, [$this->event('undo', ['target' => $state['undo'][0]['id']])])->json('state');
        }
        self::assertSame(6 + 2, $trip->stints()->firstOrFail()->cast_count);
    }

    public function test_what_is_taken_out_leaves_the_evidence_and_can_come_back(): void
    {
        [$trip, $stint, $fish] = $this->dayWithFish();
        $remove = $this->event('remove', ['contact' => $fish]);
        $this->log($trip, [$remove])->assertJsonPath('state.stints.0.contacts', []);
        $this->log($trip, [$this->event('undo', ['target' => $remove['id']])])->assertJsonPath('state.stints.0.contacts.0.id', $fish);
        $out = $this->event('remove', ['stint' => $stint]);
        $this->log($trip, [$out])->assertJsonPath('state.stints', []);
        // A late entry of another device finds its stint still.
        $this->log($trip, [$this->event('casts', ['stint' => $stint, 'count' => 2])])->assertJsonPath('events.0.became', 'taken');
        $this->log($trip, [$this->event('undo', ['target' => $out['id']])])->assertJsonPath('state.stints.0.casts', 8);
    }

    public function test_two_stints_of_one_second_keep_their_order(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        foreach (range(1, 8) as $try) {
            [$a, $b] = [(string) Str::uuid(), (string) Str::uuid()];
            $this->log(
                $trip,
                [$this->stint($a, "First {$try}"), $this->stint($b, "Second {$try}")],
            )->assertJsonPath('state.stints.'.(2 * $try - 1).'.spot', "Second {$try}");
        }
    }

    public function test_a_turn_of_the_day_makes_earlier_casts_say_less(): void
    {
        [$trip] = $this->dayWithFish();
        $rate = function () use ($trip): float {
            $deck = new Deck($trip->fresh()->load('user'), new Units(false));

            return $deck->day->evidence->day->mean();
        };
        $before = $rate();
        $turn = $this->event('turn', ['what' => 'front', 'at' => '2026-04-20T09:00:00']);
        $this->log($trip, [$turn])->assertOk();
        self::assertLessThan($before, $rate(), 'one in six casts counts for less');
        self::assertSame(1, $trip->turns()->count());
        $this->log($trip, [$this->event('undo', ['target' => $turn['id']])]);
        self::assertSame(0, $trip->turns()->count());
        $this->log($trip, [$this->event('turn', ['what' => 'mood'])])->assertJsonPath('events.0.became', 'refused');
    }

    public function test_two_thousand_entries_in_any_number_of_pieces_count_once(): void
    {
        [$trip, $stint] = $this->dayWithFish();
        $events = array_map(fn (): array => $this->event('casts', ['stint' => $stint, 'count' => 1]), range(1, 2000));
        // The first piece breaks off after it was taken, and comes again with the next.
        $this->log($trip, array_slice($events, 0, 250));
        foreach (array_chunk($events, 500) as $piece) {
            $this->log($trip, $piece)->assertOk();
        }
        self::assertSame(2006, $trip->stints()->firstOrFail()->cast_count);
        $this->postJson(route('log', $trip), ['events' => array_slice($events, 0, 501)])->assertStatus(422)->assertJsonValidationErrors('events');
    }

    public function test_the_log_is_put_right_at_the_table(): void
    {
        [$trip, $stint, $fish] = $this->dayWithFish();
        $this->get(route('entries', $trip))->assertOk()->assertSee('Take this contact out');
        $form = [
            'id' => (string) Str::uuid(),
            'kind' => 'amend',
            'stint' => $stint,
            'fields' => ['casts' => '31', 'spot' => 'Kiln point', 'cover' => 'rock'],
            'was' => ['casts' => '6', 'spot' => 'Spot 1', 'cover' => ''],
        ];
        $this->post(route('entries.change', $trip), $form)->assertSessionHasNoErrors()->assertSessionHas('said');
        $this->post(route('entries.change', $trip), $form);
        $kept = $trip->stints()->firstOrFail();
        self::assertSame([31, 'Kiln point', 'rock'], [$kept->cast_count, $kept->spot, $kept->cover]);
        $this->post(
            route('entries.change', $trip),
            ['id' => (string) Str::uuid(), 'kind' => 'amend', 'stint' => $stint, 'fields' => ['casts' => '9000'], 'was' => ['casts' => '31']],
        )->assertSessionHasErrors('fields');
        $this->post(route('entries.change', $trip), ['id' => (string) Str::uuid(), 'kind' => 'remove', 'contact' => $fish]);
        self::assertSame(0, $trip->contacts()->count());
        $this->post(
            route('entries.change', $trip),
            [
                'id' => (string) Str::uuid(), 'kind' => 'contact', 'stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'boil',
                'at' => '2026-04-20T08:00:00',
            ],
        );
        self::assertSame('boil', $trip->contacts()->firstOrFail()->kind);
    }

    public function test_ones_own_past_in_the_same_stage_is_what_is_believed(): void
    {
        [$trip] = $this->dayWithFish();
        $wren = $trip->user;
        self::assertNotNull($trip->fresh()?->stage);
        $today = $this->trip($wren, ['date' => '2026-04-21']);
        $this->get(route('confirm', $today))->assertOk();
        $state = $this->log($today, [])->assertOk()->json('state');
        self::assertStringContainsString('from 1 of your days', $state['past']);
        // Another season, muddy water, or another angler: not one's past.
        foreach ([
            $this->trip($wren, ['date' => '2026-07-21', 'water' => ['temp_f' => 84]]),
            $this->trip($wren, ['date' => '2026-04-21', 'water' => ['visibility_ft' => 0.5]]),
        ] as $other) {
            self::assertNull($this->log($other, [])->json('state.past'));
        }
        $stranger = $this->angler('marlo@old-eddy.example');
        $this->actingAs($stranger);
        self::assertNull($this->log($this->trip($stranger, ['date' => '2026-04-21']), [])->json('state.past'));
    }

    public function test_a_closed_day_tells_what_held_and_what_was_never_tried(): void
    {
        [$trip] = $this->dayWithFish();
        $this->post(route('close', $trip));
        $this->get(route('confirm', $trip))->assertOk()->assertSee('What the day leaves')->assertSee('hardly tried');
    }

    /**
     * @param  array<string, mixed>  $angler
     * @return array{Trip, string, string} the day, its stint with six casts, its fish
     */
    private function dayWithFish(array $angler = []): array
    {
        $wren = $this->angler();
        $wren->update($angler);
        $this->actingAs($wren);
        $trip = $this->trip($wren);
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log(
            $trip,
            [
                $this->stint($stint),
                $this->event('casts', ['stint' => $stint, 'count' => 6]),
                $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            ],
        )->assertOk();

        return [$trip, $stint, $fish];
    }

    public function test_the_sums_of_a_day_follow_its_log(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren)->load('user');
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $casts = $this->event('casts', ['stint' => $stint, 'count' => 12]);
        $sums = fn (): array => array_map(floatval(...), array_values($trip->refresh()->only(['casts_made', 'contacts_weighed'])));
        $this->log(
            $trip,
            [$this->stint($stint), $casts, $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'missed'])],
        )->assertOk();
        self::assertSame([12.0, 0.8], $sums());
        $this->log(
            $trip,
            [
                $this->event('amend', ['stint' => $stint, 'fields' => ['casts' => 20], 'was' => ['casts' => 12]]),
                $this->event('detail', ['contact' => $fish, 'fields' => ['kind' => 'caught'], 'was' => ['kind' => 'missed']]),
            ],
        )->assertOk();
        self::assertSame([20.0, 1.0], $sums());
        $out = $this->event('remove', ['stint' => $stint]);
        $this->log($trip, [$out])->assertOk();
        self::assertSame([0.0, 0.0], $sums(), 'a stint takes its contacts along');
        $this->log($trip, [$this->event('undo', ['target' => $out['id']]), $this->event('remove', ['contact' => $fish])])->assertOk();
        self::assertSame([20.0, 0.0], $sums());
    }

    /** C5, common practice: a spit-up overrides the table. */
    public function test_what_a_fish_spat_up_reaches_the_plan(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['date' => '2026-04-20', 'water' => ['temp_f' => 58, 'visibility_ft' => 3], 'forage' => ['shad']])->load('user');
        $before = $trip->plan();
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->log(
            $trip,
            [
                $this->stint($stint),
                $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
                $this->event('detail', ['contact' => $fish, 'fields' => ['forage' => 'crawfish']]),
            ],
        )->assertOk();
        self::assertSame(['shad', 'crawfish'], $trip->refresh()->known()['forage']);
        $score = static fn (Plan $plan): float => collect($plan->lineup)->first(fn ($e): bool => $e->lure->key === 'tube')->score;
        self::assertGreaterThan($score($before), $score($trip->load('user')->plan()), 'tubes copy crawfish');
        $this->get(route('read', $trip))->assertOk()->assertSee('seen in the log: crawfish');
        self::assertSame(['shad'], $trip->refresh()->conditions['forage'], 'what was typed stays as it was typed');
    }
}
