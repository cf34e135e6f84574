<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Log\EventTaker;
use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

final class LogTest extends WaterTestCase
{
    public function test_a_stint_with_casts_and_contacts(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'shaded' => true]]);
        $stint = (string) Str::uuid();
        $fish = (string) Str::uuid();
        $answer = $this->log($trip, [
            $this->stint($stint),
            $this->event('casts', ['stint' => $stint, 'count' => 5]),
            $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            $this->event('detail', ['contact' => $fish, 'fields' => ['species' => 'largemouth_bass', 'length' => 15.5, 'hooked' => 'inside'], 'units' => 'us']),
            $this->event('casts', ['stint' => $stint, 'count' => 2]),
        ])->assertOk();
        self::assertSame(['taken', 'taken', 'taken', 'taken', 'taken'], array_column($answer->json('events'), 'became'));
        self::assertStringContainsString('be back within 3 casts', $answer->json('state.next.0.text'), 'before the spawn they come in groups (M15)');
        $kept = $trip->stints()->firstOrFail();
        self::assertSame(7, $kept->cast_count);
        self::assertSame(['flat', 'reeds', 'shade'], [$kept->structure, $kept->cover, $kept->light]);
        $contact = $kept->contacts()->firstOrFail();
        self::assertSame([5, 15.5, 'inside'], [$contact->at_cast, $contact->length_in, $contact->hooked]);
        $this->get(route('confirm', $trip))->assertOk()->assertSee('The evidence')->assertSee('reeds');
    }

    public function test_what_comes_twice_is_taken_once(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $events = [
            $this->stint($stint),
            $this->event('casts', ['stint' => $stint, 'count' => 1]),
            $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'bump']),
        ];
        $this->log($trip, $events)->assertOk();
        $again = $this->log($trip, $events)->assertOk();
        self::assertSame(['known', 'known', 'known'], array_column($again->json('events'), 'became'));
        self::assertSame([1, 1, 1], [$trip->stints()->count(), $trip->stints()->firstOrFail()->cast_count, $trip->contacts()->count()]);
    }

    /** What waits in one batch counts for what comes after it in the same batch, whatever its kind. */
    public function test_a_long_mixed_queue_comes_out_as_if_taken_one_by_one(): void
    {
        $this->actingAs($wren = $this->angler());
        $luck = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        [$events, $stints, $fish, $casts] = [[], [], [], []];
        for ($i = 0; $i < 400; $i++) {
            $stint = $stints === [] ? null : $stints[$luck->getInt(0, count($stints) - 1)];
            $what = $stint === null ? 0 : $luck->getInt(0, 11);
            $events[] = $event = match (true) {
                $what === 0 => $this->stint($stints[] = (string) Str::uuid(), 'Spot '.$luck->getInt(1, 4)),
                $what <= 6 => $this->event('casts', ['stint' => $stint, 'count' => $luck->getInt(1, 5)]),
                $what <= 8 => $this->event('contact', ['stint' => $stint, 'contact' => $fish[] = (string) Str::uuid(), 'contact_kind' => 'bump']),
                $what === 9 && $fish !== [] => $this->event(
                    'detail',
                    ['contact' => $fish[$luck->getInt(0, count($fish) - 1)], 'fields' => ['length' => $luck->getInt(8, 22)], 'units' => 'us'],
                ),
                $what === 10 && $casts !== [] => $this->event('undo', ['target' => $casts[$luck->getInt(0, count($casts) - 1)]]),
                default => $this->event('amend', ['stint' => $stint, 'fields' => ['casts' => $luck->getInt(0, 40)]]),
            };
            if ($event['kind'] === 'casts') {
                $casts[] = $event['id'];
            }
        }
        $state = static fn (Trip $trip): array => [
            $trip->stints()->reorder('seq')->get()->map(
                static fn (Stint $s): array => [
                    $s->spot,
                    $s->cast_count,
                    $s->contacts()->reorder('at_cast')->orderBy('length_in')->get()->map(
                        static fn (Contact $c): array => [$c->kind, $c->at_cast, $c->length_in],
                    )->all(),
                ],
            )->all(),
            $trip->events()->where('undone', true)->count(), (int) $trip->fresh()?->casts_made, (float) $trip->fresh()?->contacts_weighed,
        ];
        $together = $this->trip($wren);
        self::assertNotContains('refused', array_column((new EventTaker($together->load('user')))->take($events), 'became'));
        // The same under other ids, each entry a batch of its own.
        $other = [];
        $turn = static function (mixed $value) use (&$turn, &$other): mixed {
            return is_array($value) ? array_map($turn, $value) : (is_string($value) && Str::isUuid($value) ? $other[$value] ??= (string) Str::uuid() : $value);
        };
        $apart = $this->trip($wren)->load('user');
        foreach ($events as $event) {
            (new EventTaker($apart))->take([$turn($event)]);
        }
        self::assertEquals($state($apart), $state($together));
        self::assertSame('known', (new EventTaker($together))->take([$events[5]])[0]['became']);
    }

    /** A queue of 2000 is read and written in pieces, not entry by entry. */
    public function test_a_queue_of_two_thousand_costs_few_queries(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren)->load('user');
        $stint = (string) Str::uuid();
        $events = [$this->stint($stint)];
        for ($i = 0; $i < 1999; $i++) {
            $events[] = $i % 10 === 9 ? $this->event(
                'contact',
                ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'bump'],
            ) : $this->event('casts', ['stint' => $stint, 'count' => 1]);
        }
        DB::enableQueryLog();
        foreach (array_chunk($events, 250) as $batch) {
            (new EventTaker($trip))->take($batch);
        }
        self::assertLessThan(150, count(DB::getQueryLog()));
        DB::disableQueryLog();
        self::assertSame([1800, 199], [$trip->stints()->sole()->cast_count, $trip->contacts()->count()]);
        self::assertSame(1791, $trip->contacts()->max('at_cast'), 'each contact at its own cast');
    }

    public function test_undo_takes_back_once(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $cast = $this->event('casts', ['stint' => $stint, 'count' => 1]);
        $contact = $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'boil']);
        $this->log($trip, [$this->stint($stint), $cast, $cast + ['x' => 1], $contact])->assertOk();
        $this->log(
            $trip,
            [
                $this->event('undo', ['target' => $contact['id']]), $this->event('undo', ['target' => $contact['id']]),
                $this->event('undo', ['target' => $cast['id']]), $this->event('undo', ['target' => $cast['id']]),
            ],
        )->assertOk();
        self::assertSame([0, 0], [$trip->stints()->firstOrFail()->cast_count, $trip->contacts()->count()]);
    }

    public function test_bad_entries_are_refused_one_by_one_and_the_good_ones_taken(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $foreign = $this->trip($this->angler('marlo@old-eddy.example'));
        $mine = (string) Str::uuid();
        $theirs = (string) Str::uuid();
        $foreign->stints()->create(
            [
                'id' => $theirs, 'started_at' => '2026-04-20 08:00', 'spot' => 'X', 'lure' => 'jerkbait', 'color' => 'white', 'depth_ft' => 5,
                'retrieve' => 'medium',
            ],
        );
        $answer = $this->log($trip, [
            $this->stint($mine),
            $this->event('casts', ['stint' => $theirs, 'count' => 5]),
            $this->event('casts', ['stint' => $mine, 'count' => -3]),
            $this->event('casts', ['stint' => $mine, 'count' => 4]),
            $this->event('contact', ['stint' => $mine, 'contact' => (string) Str::uuid(), 'contact_kind' => 'hugged']),
            ['kind' => 'casts'],
            'nonsense',
            $this->stint((string) Str::uuid(), 'Spot', 'magic_lure'),
        ])->assertOk();
        self::assertSame(['taken', 'refused', 'refused', 'taken', 'refused', 'refused', 'refused', 'refused'], array_column($answer->json('events'), 'became'));
        self::assertSame(4, $trip->stints()->firstOrFail()->cast_count);
        self::assertSame(0, $foreign->stints()->firstOrFail()->cast_count);
        $this->postJson(route('log', $trip), ['events' => 'none'])->assertStatus(422)->assertJsonValidationErrors('events');
    }

    public function test_a_closed_day_still_takes_late_entries_and_can_be_opened_again(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->post(route('close', $trip))->assertRedirect();
        self::assertFalse($trip->fresh()?->isOpen());
        $this->log($trip, [$this->stint((string) Str::uuid())])->assertOk()->assertJsonPath('events.0.became', 'taken');
        $this->post(route('close', $trip));
        self::assertTrue($trip->fresh()->isOpen());
    }

    public function test_a_stale_page_gets_a_fresh_token(): void
    {
        $this->actingAs($this->angler());
        self::assertNotEmpty($this->getJson('/token')->assertOk()->json('token'));
    }
}
