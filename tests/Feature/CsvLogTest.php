<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\WorkArchive;
use App\Models\Contact;
use App\Models\Stint;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

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

    /** @return iterable<string, array{string, array<string, mixed>}> a table of others, and what its one fish is */
    public static function others(): iterable
    {
        $fish = ['2024-05-03', '07:15', 'tube', 20.0, 4.41];
        yield 'units in brackets' => ["date,time,lure,species,Length (cm),Weight (kg)\n2024-05-03,07:15,tube,largemouth bass,50.8,2\n", $fish];
        yield 'pounds and inches' => ["date,time,lure,species,Length (in),Weight (lbs)\n2024-05-03,7:15 AM,tube,largemouth bass,20,4.41\n", $fish];
        yield 'grams and millimetres' => ["date,time,lure,species,length mm,weight g\n2024-05-03,07:15:30,tube,largemouth bass,508,2000\n", $fish];
        yield 'a bare date, month first as this angler counts' => ["date,time,bait used,species,length,weight lb\n5/3/2024,07:15,tube,largemouth bass,20,4.41\n", $fish];
        yield 'one moment in one column' => ["timestamp,bait used,species,length in,weight lb\n2024-05-03T07:15:00Z,tube,largemouth bass,20,4.41\n", $fish];
        yield 'a moment with the half of the day' => ["caught at,lure name,fish species,length in,weight lb\n5/3/2024 7:15 AM,tube,largemouth bass,20,4.41\n", $fish];
        yield 'the month by name' => ["date,time,lure,species,length in,weight lb\n\"May 3rd, 2024\",07:15,Tubes,largemouth bass,20,4.41\n", $fish];
        yield 'German heads' => ["Datum;Uhrzeit;Köder;Fischart;Länge (cm);Gewicht (kg)\n3.5.2024;07:15;tube;largemouth bass;50,8;2\n", $fish];
        yield 'French heads' => ["Jour;Heure;Leurre;Espèce;Longueur (cm);Poids (kg)\n03/05/24;7h15;tube;largemouth bass;50,8;2\n13/05/24;7h15;tube;;;\n", $fish];
        yield 'Spanish heads' => ["Fecha;Hora;Señuelo;Especie;Longitud (cm);Peso (kg)\n2024-05-03;07:15;tube;largemouth bass;50,8;2,0\n", $fish];
    }

    /** @param  list<mixed>  $fish */
    #[DataProvider('others')]
    public function test_tables_of_others_are_understood_by_their_heads(string $csv, array $fish): void
    {
        $this->brought($csv)->assertOk();
        $this->takeAsGuessed();
        $contact = Contact::query()->sole();
        self::assertSame([$fish[0], $fish[1], $fish[2]], [$contact->at->format('Y-m-d'), $contact->at->format('H:i'), Stint::query()->findOrFail($contact->stint_id)->lure]);
        self::assertEqualsWithDelta([$fish[3], $fish[4]], [$contact->length_in, $contact->weight_lb], 0.01);
    }

    public function test_dates_that_can_be_read_in_two_ways_are_asked_about(): void
    {
        $this->brought("date,lure\n5/3/2024,tube\n6/3/2024,tube\n")->assertSee('Which comes first?');
        $this->takeAsGuessed(['first' => 'day']);
        self::assertSame(['2024-03-05', '2024-03-06'], $this->wren->trips()->orderBy('day')->pluck('day')->all());
        $this->brought("date,lure\n5/3/2024,tube\n6/23/2024,tube\n")->assertDontSee('Which comes first?');
    }

    public function test_a_lure_of_another_name_is_asked_about_once_and_remembered(): void
    {
        $csv = "date,lure\n2024-05-03,Spinner Bait 1/2 oz\n2024-05-03,Grandpas Spoon\n";
        $page = $this->brought($csv)->assertSee('What your lures are called here')->assertSee('0 of 2 lines can be taken');
        self::assertMatchesRegularExpression('/most like it">\s*<option value="spinnerbait"/', (string) $page->getContent());
        $this->takeAsGuessed(['lures' => ['spinner_bait_1_2_oz' => 'spinnerbait', 'grandpas_spoon' => 'trolling_spoon']]);
        self::assertSame(['spinnerbait', 'trolling_spoon'], Stint::query()->orderBy('lure')->pluck('lure')->all());
        $this->brought(str_replace('05-03', '05-04', $csv))->assertDontSee('What your lures are called here')->assertSee('2 of 2 lines can be taken');
    }

    public function test_spreadsheets_are_read_by_the_worker(): void
    {
        Queue::fake();
        foreach (['XLSX' => 'xlsx', 'ODS' => 'ods'] as $driver => $end) {
            $base = sys_get_temp_dir().'/log-'.bin2hex(random_bytes(5));
            file_put_contents("{$base}.csv", "date,time,lure,species,length cm\n2024-05-0".strlen($end).",07:15,tube,largemouth bass,50.8\n");
            exec('ogr2ogr -f '.escapeshellarg($driver).' '.escapeshellarg("{$base}.{$end}").' '.escapeshellarg("{$base}.csv"), $out, $failed);
            self::assertSame(0, $failed);
            $this->post(route('archive.log'), ['log' => new UploadedFile("{$base}.{$end}", "log.{$end}", null, null, true)])->assertRedirect();
            $id = (int) $this->wren->archives()->latest('id')->value('id');
            $this->get(route('archive.columns', $id))->assertOk()->assertSee('is being read');
            (new WorkArchive($id))->handle();
            $this->get(route('archive.columns', $id))->assertOk()->assertSee('1 of 1 lines can be taken')->assertSee('20 in');
            $this->takeAsGuessed();
            array_map(unlink(...), glob("{$base}*") ?: []);
        }
        self::assertSame(2, Contact::query()->whereBetween('length_in', [19.99, 20.01])->count());
        // A zip that is no spreadsheet is no log.
        $this->post(route('archive.log'), ['log' => UploadedFile::fake()->createWithContent('x.xlsx', "PK\x03\x04nothing")])->assertSessionHasErrors('log');
    }

    public function test_out_and_in_are_exactly_equal_however_alike_neighbours_are(): void
    {
        $trip = $this->trip($this->wren);
        foreach (['08:00', '08:20', '08:40'] as $at) {
            $this->log($trip, [['at' => "2026-04-20T{$at}:00"] + $this->stint($stint = (string) Str::uuid(), 'Wall'), ['at' => "2026-04-20T{$at}:30"] + $this->event('casts', ['stint' => $stint, 'count' => 20])]);
        }
        foreach ([1, 2] as $i) {
            $this->log($trip, [['at' => '2026-04-20T08:50:00'] + $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught'])]);
        }
        $csv = $this->get(route('archive.csv'))->streamedContent();
        self::assertSame(5, substr_count($csv, "\n"));
        $this->actingAs($this->wren = $this->angler('bob@old-eddy.example')->refresh());
        $this->wren->update(['name' => 'Somebody']);
        $this->brought($csv);
        $this->takeAsGuessed();
        self::assertSame($csv, $this->get(route('archive.csv'))->streamedContent());
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

    /** @param  array<string, mixed>  $more */
    private function takeAsGuessed(array $more = []): void
    {
        $id = $this->wren->archives()->latest('id')->value('id');
        preg_match_all('/<select id="c-(\w+)".*?<\/select>/s', (string) $this->get(route('archive.columns', $id))->getContent(), $selects, PREG_SET_ORDER);
        $columns = [];
        foreach ($selects as [$html, $says]) {
            if (preg_match('/<option value="(\d+)"\s+selected/', $html, $m) === 1) {
                $columns[$says] = $m[1];
            }
        }
        $this->post(route('archive.log.take', $id), ['columns' => $columns] + $more)->assertSessionHasNoErrors();
    }

    private function brought(string $csv): \Illuminate\Testing\TestResponse
    {
        return $this->followingRedirects()->post(route('archive.log'), ['log' => UploadedFile::fake()->createWithContent('log.csv', $csv)]);
    }
}
