<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Day\SpreadOfDay;
use App\Log\Deck;
use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Str;
use OldEddy\Contract\SpreadContract;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Fired;
use OldEddy\Where\Lake\Position;

/** Lines are set, struck and taken in on the deck: minutes by line, what ran on it, what fired. Rules T6, T10, T12. */
final class TowedLinesTest extends WaterTestCase
{
    private User $wren;

    private Trip $trip;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler();
        $this->actingAs($this->wren);
        $this->trip = $this->trolled($this->wren);
        $this->trip->update(['spread' => SpreadContract::kept(SpreadOfDay::planned($this->trip, BoatKind::Boat))]);
    }

    public function test_the_deck_knows_the_spread_and_what_goes_into_the_log(): void
    {
        $state = $this->log($this->trip, [])->assertOk()->json('state');
        self::assertCount(6, $state['spread']['lines']);
        self::assertStringContainsString('data-line="port_outside"', $state['spread']['above']);
        self::assertSame('Slow down. Clear port middle, then port inside. Bring it over them. Low rod, steady pressure; the net waits to port.', $state['spread']['lines'][0]['card']);
        self::assertLessThan($state['spread']['range_mph'][1], $state['spread']['mph']);
        $cast = $this->trip($this->wren);
        self::assertNull($this->log($cast, [])->json('state.spread'), 'a day that is cast has none');
        $this->get(route('fish', $this->trip))->assertOk();
    }

    public function test_minutes_run_by_line_until_it_is_taken_in_or_set_anew(): void
    {
        [$one, $two, $other] = [$this->id(1), $this->id(2), $this->id(3)];
        $this->took([$this->set('port_outside', $one, '07:00'), $this->set('starboard_outside', $other, '07:10')]);
        $this->took([$this->set('port_outside', $two, '07:40')]);
        $this->took([$this->event('lift', ['stint' => $other, 'at' => '2026-04-20T08:10:00']), $this->event('lift', ['stint' => $two, 'at' => '2026-04-20T08:00:00'])]);
        $runs = Stint::towed($this->trip->stints()->with('contacts')->get());
        self::assertSame([40.0, 60.0, 20.0], array_map(static fn ($r): float => $r->minutes, $runs));
        self::assertSame([['port', 'outside', 150.0], ['starboard', 'outside', 150.0]], array_map(static fn ($r): array => [$r->side->value, $r->station->value, $r->letOutFt], array_slice($runs, 0, 2)));
        // Taken back in the same order: the line is in again, then it never went out.
        $this->took([$this->event('undo', ['target' => $this->eventOf('lift', $two)])]);
        self::assertNull(Stint::query()->find($two)?->lifted_at);
        $this->took([$this->event('undo', ['target' => $this->eventOf('tow', $two)])]);
        self::assertNull(Stint::query()->find($two));
        self::assertNull(Stint::query()->find($one)?->lifted_at, 'the run before goes on');
        $late = $this->event('lift', ['stint' => $one, 'at' => '2026-04-20T06:00:00']);
        $this->took([$late]);
        self::assertSame('07:00', Stint::query()->find($one)?->lifted_at?->format('H:i'), 'not before it went out');
    }

    public function test_a_strike_has_its_line_speed_heading_and_turn_and_no_cast_is_counted(): void
    {
        $this->took([$this->set('port_outside', $this->id(1), '07:00', ['mph' => 2.1])]);
        $this->took([$this->event('contact', ['stint' => $this->id(1), 'contact' => $this->id(9), 'contact_kind' => 'caught', 'mph' => 2.0, 'heading_deg' => 220, 'in_turn' => 'yes', 'at' => '2026-04-20T07:30:00'])]);
        $fish = Contact::query()->sole();
        self::assertSame([2.0, 220.0, 'yes', 'port_outside', 2.1], [$fish->troll_mph, $fish->heading_deg, $fish->in_turn, Stint::query()->sole()->line, Stint::query()->sole()->troll_mph]);
        $state = $this->log($this->trip, [])->json('state');
        self::assertSame([0, 'port_outside', null], [$state['stints'][0]['casts'], $state['stints'][0]['line'], $state['stints'][0]['lifted']]);
        self::assertSame([0, []], [$this->trip->refresh()->casts_made, Stint::logged($this->trip->stints()->with('contacts')->get())], 'what is towed is no cast');
        $cast = $this->id(4);
        $this->took([$this->stint($cast), $this->event('contact', ['stint' => $cast, 'contact' => $this->id(5), 'contact_kind' => 'missed', 'mph' => 9])]);
        self::assertNull(Contact::query()->find($this->id(5))?->troll_mph, 'a cast has no towing speed');
    }

    public function test_confirm_and_report_tell_what_fired(): void
    {
        $this->took([$this->set('port_outside', $this->id(1), '07:00'), $this->set('starboard_outside', $this->id(2), '07:00'), $this->set('port_middle', $this->id(3), '07:00')]);
        foreach ([10, 11, 12] as $fish) {
            $this->took([$this->event('contact', ['stint' => $this->id(1), 'contact' => $this->id($fish), 'contact_kind' => 'caught', 'at' => "2026-04-20T08:{$fish}:00"])]);
        }
        $this->took(array_map(fn (int $n): array => $this->event('lift', ['stint' => $this->id($n), 'at' => '2026-04-20T09:00:00']), [1, 2, 3]));
        $page = $this->get(route('confirm', $this->trip))->assertOk();
        $page->assertSee('3 contacts in 6.0 line-hours, 0.5 in a line-hour')->assertSee('Keep port outside as it was.');
        $this->get(route('report.text', $this->trip))->assertOk()->assertSee('Towed: 3 contacts in 6.0 line-hours');
        $this->get(route('look-back'))->assertOk()->assertSee('3 contacts in 0 casts and 6.0 line-hours (0.5 in a line-hour)');
        $this->get(route('look-back.season'))->assertOk()->assertSee('with towed lines')->assertSee('0.5 in a line-hour')->assertSee('No cast is logged');
        foreach (['look-back.day', 'entries', 'bag', 'read', 'choose', 'troll'] as $name) {
            $this->get(route($name, $this->trip))->assertOk();
        }
        self::assertStringContainsString('Keep port outside as it was.', implode(' ', $this->log($this->trip, [])->json('state.tow_says')));
    }

    public function test_the_boats_way_parts_what_fired_by_heading_and_speed(): void
    {
        $this->took([$this->set('port_outside', $this->id(1), '07:00')]);
        $this->took([$this->event('contact', ['stint' => $this->id(1), 'contact' => $this->id(10), 'contact_kind' => 'caught', 'at' => '2026-04-20T07:50:00'])]);
        $this->took([$this->event('lift', ['stint' => $this->id(1), 'at' => '2026-04-20T08:00:00'])]);
        self::assertStringNotContainsString('Heading:', (string) $this->get(route('confirm', $this->trip))->getContent(), 'no instruments, no heading');
        $at = new Position(44.0, -80.0);
        // Half an hour north at two miles an hour, half an hour back at one and a half; a fix every ten seconds.
        for ($i = 0; $i <= 360; $i++) {
            $this->trip->fixes()->create(['at' => sprintf('2026-04-20 %02d:%02d:%02d', 7 + intdiv($i, 360), intdiv($i, 6) % 60, 10 * ($i % 6)), 'lat' => $at->lat, 'lon' => $at->lon, 'speed_mph' => 2]);
            $at = $at->moved($i < 180 ? 0 : 180, 10 * ($i < 180 ? 2.0 : 1.6) * 5280 / 3600);
        }
        $page = (string) preg_replace('/\s+/', ' ', strip_tags((string) $this->get(route('confirm', $this->trip))->assertOk()->getContent()));
        self::assertMatchesRegularExpression('/Heading: south 1 in \d+ min; north 0 in \d+ min/', $page);
        self::assertMatchesRegularExpression('/Speed over ground: 1\.6 mph 1 in \d+ min; 2\.0 mph 0 in \d+ min/', $page);
    }

    /** Own towed days of the same stage and like clarity are what is believed before the first minute, as elsewhere. */
    public function test_earlier_days_are_believed_before_the_first_minute(): void
    {
        $this->took([$this->set('port_outside', $this->id(1), '07:00')]);
        $deck = fn (): Deck => new Deck($this->trip->refresh(), $this->wren->units());
        $prior = static fn (): float => $deck()->tow->fired()->evidence->prior->perCast;
        self::assertEqualsWithDelta(Fired::prior()->perCast, $prior(), 1e-9);
        $earlier = $this->trolled($this->wren);
        $reading = $deck()->reading;
        $earlier->forceFill(['stage' => $reading->stage->stage->value, 'clarity' => $reading->day->clarity->value, 'towed_min' => 400, 'towed_contacts' => 20])->save();
        self::assertEqualsWithDelta((1 + 20) / (80 + 400), $prior(), 1e-9, 'a contact in eighty minutes and twenty in four hundred');
    }

    public function test_what_bit_on_a_towed_line_says_nothing_of_casts(): void
    {
        $cast = $this->id(4);
        $this->took([
            $this->stint($cast), $this->event('casts', ['stint' => $cast, 'count' => 50]), $this->event('contact', ['stint' => $cast, 'contact' => $this->id(5), 'contact_kind' => 'caught']),
            $this->set('port_outside', $this->id(1), '07:00'),
            ...array_map(fn (int $n): array => $this->event('contact', ['stint' => $this->id(1), 'contact' => $this->id($n), 'contact_kind' => 'caught', 'at' => '2026-04-20T08:00:00']), [20, 21, 22, 23]),
        ]);
        $page = $this->get(route('look-back.season'))->assertOk()->getContent();
        self::assertMatchesRegularExpression('/data-sum="contacts">1</', (string) $page);
        self::assertMatchesRegularExpression('/data-sum="rate">2\.0</', (string) $page);
        $this->get(route('look-back'))->assertSee('5 contacts in 50 casts and 1.0 line-hours');
    }

    public function test_what_cannot_be_is_refused_by_its_field(): void
    {
        $set = $this->set('port_outside', $this->id(1), '07:00');
        foreach ([['let_out_ft' => 3000], ['side' => 'up'], ['carrier' => 'bird'], ['mph' => -1], ['lure' => 'no such']] as $i => $wrong) {
            $answer = $this->log($this->trip, [$wrong + ['id' => (string) Str::uuid()] + $set])->json('events.0');
            self::assertSame('refused', $answer['became'], json_encode($wrong, JSON_THROW_ON_ERROR));
            self::assertStringContainsStringIgnoringCase(str_replace('_', ' ', array_key_first($wrong)), str_replace('_', ' ', (string) $answer['message']), (string) $i);
        }
        self::assertSame('refused', $this->log($this->trip, [$this->event('lift', ['stint' => $this->id(7)])])->json('events.0.became'));
        self::assertSame(0, Stint::query()->count());
    }

    /** @param  list<array<string, mixed>>  $events */
    private function took(array $events): void
    {
        foreach ($this->log($this->trip, $events)->assertOk()->json('events') as $answer) {
            self::assertSame('taken', $answer['became'], (string) $answer['message']);
        }
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function set(string $line, string $stint, string $at, array $more = []): array
    {
        $all = array_column($this->log($this->trip, [])->json('state.spread.lines'), 'entry', 'key');

        return $this->event('tow', $more + ['stint' => $stint, 'spot' => 'Long point', 'at' => "2026-04-20T{$at}:00"] + $all[$line]);
    }

    private function eventOf(string $kind, string $stint): string
    {
        return (string) $this->trip->events()->where('kind', $kind)->where('stint_id', $stint)->value('id');
    }

    private function id(int $n): string
    {
        return sprintf('0190aaaa-0000-4000-8000-%012d', $n);
    }
}
