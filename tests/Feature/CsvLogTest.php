<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** A log out as a table, and one from elsewhere in, its columns told by the angler (G6). */
final class CsvLogTest extends WaterTestCase
{
    private const ELSEWHERE = "Datum;Body of water;Bait;Result;Species;Length in;Casts\n"
        ."05/14/2026;Mill pond;Swim jig;caught;largemouth bass;17,5;30\n05/14/2026;Mill pond;Swim jig;lost;;;30\n"
        ."05/15/2026;Mill pond;Spoon of grandfather;caught;largemouth bass;12;9\n31/31/2026;Mill pond;Tube;;;;5\n\n05/15/2026;Mill pond;Tube;;;;25\n";

    private User $wren;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->wren = $this->angler()->refresh());
    }

    public function test_columns_are_guessed_and_what_they_become_is_shown_before_anything_is_taken(): void
    {
        $page = $this->brought(self::ELSEWHERE)->assertOk()->assertSee('3 of 5 lines can be taken');
        $page->assertSee('Line 4: No lure of ours is called', false)->assertSee('Line 5: The date', false)->assertSee('swim jig');
        self::assertSame(0, $this->wren->trips()->count());
    }

    public function test_rows_become_days_stints_and_contacts_and_a_second_time_nothing(): void
    {
        foreach ([['2 days, 2 stints and 2 contacts', 1], ['0 days, 0 stints and 0 contacts', 2]] as [$says]) {
            $this->brought(self::ELSEWHERE);
            $this->post(route('archive.log.take', $this->wren->archives()->latest('id')->value('id')), ['columns' => ['date' => 0, 'water' => 1, 'lure' => 2, 'contact' => 3, 'species' => 4, 'length' => 5, 'casts' => 6]])
                ->assertRedirect(route('archive'))->assertSessionHas('said', "{$says} are new; 2 lines were left out.");
        }
        self::assertSame(['2026-05-14', '2026-05-15'], $this->wren->trips()->orderBy('day')->pluck('day')->all());
        self::assertSame([['swim_jig', 30], ['tube', 25]], Stint::query()->orderBy('started_at')->get()->map(static fn (Stint $s): array => [$s->lure, $s->cast_count])->all());
        self::assertSame([['caught', 17.5], ['lost', null]], Contact::query()->orderBy('at_cast')->orderBy('kind')->get()->map(static fn (Contact $c): array => [$c->kind, $c->length_in])->all());
        $this->get(route('look-back'))->assertOk()->assertSee('Mill pond');
    }

    public function test_a_guest_of_cold_water_comes_in_and_the_day_stays_one_that_can_be_planned(): void
    {
        $this->brought("date,lure,contact,species,length\n2026-05-14,tube,caught,rainbow trout,16\n");
        $this->post(route('archive.log.take', $this->wren->archives()->latest('id')->value('id')), ['columns' => ['date' => 0, 'lure' => 1, 'contact' => 2, 'species' => 3, 'length' => 4]])
            ->assertSessionHasNoErrors();
        $trip = $this->wren->trips()->sole();
        self::assertSame(['rainbow_trout', 'largemouth_bass'], [$trip->contacts()->value('species'), $trip->conditions['species']]);
        foreach (['read', 'fish', 'confirm', 'bag', 'look-back.day', 'entries'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
        $this->get(route('look-back.season'))->assertOk()->assertSee('rainbow trout');
    }

    public function test_numbers_are_those_of_the_units_that_are_told(): void
    {
        $this->brought("date,lure,contact,length,depth\n2026-05-14,tube,caught,50.8,1.5\n");
        $this->post(route('archive.log.take', $this->wren->archives()->value('id')), ['columns' => ['date' => 0, 'lure' => 1, 'contact' => 2, 'length' => 3, 'depth' => 4], 'units' => 'metric']);
        self::assertEqualsWithDelta(20.0, Contact::query()->sole()->length_in, 0.1);
        self::assertEqualsWithDelta(4.9, Stint::query()->sole()->depth_ft, 0.1);
    }

    public function test_what_went_out_comes_in_again_elsewhere(): void
    {
        $trip = $this->trip($this->wren);
        foreach (['Wall', 'Point'] as $spot) {
            $stint = (string) Str::uuid();
            $this->log($trip, [
                $this->stint($stint, $spot), $this->event('casts', ['stint' => $stint, 'count' => 22]),
                $this->event('contact', ['stint' => $stint, 'contact' => $fish = (string) Str::uuid(), 'contact_kind' => 'caught']),
                $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 15, 'species' => 'smallmouth_bass'], 'units' => 'us']),
            ])->assertOk();
        }
        $csv = $this->get(route('archive.csv'))->assertOk()->streamedContent();
        $this->actingAs($bob = $this->angler('bob@old-eddy.example')->refresh());
        $this->brought($csv)->assertSee('2 of 2 lines can be taken');
        preg_match_all('/name="columns\[(\w+)\]" value="(\d+)"/', (string) $this->get(route('archive.columns', $id = $bob->archives()->value('id')))->getContent(), $m);
        $this->post(route('archive.log.take', $id), ['columns' => array_combine($m[1], $m[2])])->assertSessionHas('said', '1 days, 2 stints and 2 contacts are new.');
        $same = static fn (User $of): array => Stint::query()->with('contacts')->whereIn('trip_id', $of->trips()->pluck('id'))->orderBy('spot')->get()
            ->map(static fn (Stint $s): array => [...$s->only(['spot', 'lure', 'color', 'depth_ft', 'retrieve', 'cast_count']), $s->contacts->pluck('length_in')->all(), $s->contacts->pluck('species')->all()])->all();
        self::assertEquals($same($this->wren), $same($bob));
    }

    public function test_towed_lines_go_out_and_come_in_with_their_minutes(): void
    {
        $trip = $this->trolled($this->wren);
        $set = ['line' => 'port_outside', 'side' => 'port', 'station' => 'outside', 'carrier' => 'board', 'let_out_ft' => 150, 'spot' => 'Channel', 'lure' => 'trolling_spoon', 'color' => 'orange', 'depth_ft' => 9, 'retrieve' => 'troll_steady'];
        $this->log($trip, [
            $this->event('tow', ['stint' => $run = (string) Str::uuid(), 'at' => '2026-04-20T07:00:00'] + $set),
            $this->event('contact', ['stint' => $run, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught', 'at' => '2026-04-20T07:30:00']),
            $this->event('lift', ['stint' => $run, 'at' => '2026-04-20T08:10:00']),
        ])->assertOk();
        $csv = $this->get(route('archive.csv'))->assertOk()->streamedContent();
        self::assertStringContainsString(',Channel,"trolling spoon",orange,"troll steady",9,,Wren,,,,,,,"port outside",150,70', $csv);
        $this->actingAs($bob = $this->angler('bob@old-eddy.example')->refresh());
        $take = function () use ($bob, $csv): void {
            $this->brought($csv)->assertSee('2 of 2 lines can be taken');
            preg_match_all('/name="columns\[(\w+)\]" value="(\d+)"/', (string) $this->get(route('archive.columns', $id = $bob->archives()->value('id')))->getContent(), $m);
            $this->post(route('archive.log.take', $id), ['columns' => array_combine($m[1], $m[2])]);
        };
        $take();
        $take();
        [$mine, $his] = [Stint::towed($trip->stints()->with('contacts')->get()), Stint::towed($bob->trips()->sole()->stints()->with('contacts')->get())];
        self::assertEquals($mine, $his);
        self::assertSame(70.0, $his[0]->minutes);
        foreach (['let out ft' => '5000', 'towed minutes' => '9999'] as $column => $wrong) {
            $line = str_replace(',150,70', $column === 'let out ft' ? ",{$wrong},70" : ",150,{$wrong}", $csv);
            $this->brought($line)->assertSee('0 of 2 lines can be taken')->assertSee($column === 'let out ft' ? 'let out from 20 to 300 ft' : 'towed for 0 to 1440 minutes');
        }
    }

    public function test_what_is_no_table_is_answered_in_a_sentence(): void
    {
        foreach (["\0\0\0" => 'no table', 'one' => 'two or more', str_repeat('a,', 70) => 'two or more', "a,b\n".str_repeat("1,2\n", 5_010) => 'divide it'] as $text => $says) {
            $this->post(route('archive.log'), ['log' => UploadedFile::fake()->createWithContent('x.csv', (string) $text)])->assertSessionHasErrors('log');
            self::assertStringContainsString($says, session('errors')->first('log'));
        }
        $this->brought("when,what\n2026-05-14,tube\n")->assertSee('0 of 0 lines');
        $this->post(route('archive.log.take', $this->wren->archives()->value('id')), ['columns' => ['date' => 0]])->assertSessionHasErrors('columns.lure');
        $this->actingAs($this->angler('bob@old-eddy.example'))->get(route('archive.columns', $this->wren->archives()->value('id')))->assertNotFound();
    }

    private function brought(string $csv): \Illuminate\Testing\TestResponse
    {
        return $this->followingRedirects()->post(route('archive.log'), ['log' => UploadedFile::fake()->createWithContent('log.csv', $csv)]);
    }
}
