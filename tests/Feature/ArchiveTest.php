<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\Kept;
use App\Archive\Manifest;
use App\Archive\TakesArchive;
use App\Archive\WritesArchive;
use App\Jobs\SumDays;
use App\Models\BoxItem;
use App\Models\Layer;
use App\Models\Trip;
use App\Models\User;
use App\Waters\Files\Refused;
use App\Waters\LayerFile;
use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Contract\SpreadContract;
use OldEddy\Contract\SpreadReader;
use Opis\JsonSchema\Validator;
use ZipArchive;

/** All that is an angler's, out and in (G6). */
final class ArchiveTest extends WaterTestCase
{
    private User $wren;

    private Trip $day;

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler()->refresh();
        $lake = $this->wren->lakes()->create(['name' => 'Alder pond']);
        $spot = $lake->spots()->create(['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1, 'cover' => ['rock']]);
        $this->day = $this->trip($this->wren);
        $this->day->update(['lake_id' => $lake->id]);
        $this->wren->items()->create(['lure' => 'tube', 'number' => 2]);
        BoxItem::keepFor($this->wren);
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->actingAs($this->wren)->log($this->day, [
            $this->event('rig', ['lure' => 'tube', 'color' => 'white', 'depth_ft' => 4, 'retrieve' => 'crawl']),
            $this->stint($stint, 'Wall', 'tube'), $this->event('casts', ['stint' => $stint, 'count' => 12]),
            $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 18, 'forage' => 'crawfish'], 'units' => 'us']), $this->event('turn', ['what' => 'front']),
        ])->assertOk();
        self::assertNotNull($spot);
        $this->path = (string) tempnam(sys_get_temp_dir(), 'archive');
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
        parent::tearDown();
    }

    public function test_every_row_keeps_its_own_schema_and_the_manifest_counts_them(): void
    {
        $zip = $this->written();
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        self::assertSame([Manifest::FORMAT, 1], [$manifest['format'], $manifest['version']]);
        $validator = new Validator;
        $rows = 0;
        foreach (array_keys(Kept::all()) as $name) {
            $schema = json_decode((string) $zip->getFromName("schemas/{$name}.json"));
            $lines = array_filter(explode("\n", (string) $zip->getFromName("{$name}.jsonl")));
            self::assertSame($manifest['files']["{$name}.jsonl"], count($lines), $name);
            foreach ($lines as $line) {
                self::assertTrue($validator->validate(json_decode($line), $schema)->isValid(), "{$name}: {$line}");
                $rows++;
            }
        }
        self::assertGreaterThan(11, $rows);
        self::assertStringContainsString('<name>Wall</name>', (string) $zip->getFromName('lakes/'.$this->day->lake_id.'.gpx'));
        self::assertStringContainsString('2026-04-20,"A day",1,08:00,Wall,tube,bright,medium,3,12,Wren,caught', (string) $zip->getFromName('log.csv'));
        self::assertStringNotContainsString($this->wren->email, implode(array_map(static fn (int $i): string => (string) $zip->getFromIndex($i), range(0, $zip->numFiles - 1))), 'no address, no password');
    }

    public function test_taken_in_where_it_came_from_it_changes_nothing(): void
    {
        $this->written();
        $before = $this->all($this->wren);
        self::assertSame(0, array_sum($this->taken($this->wren)));
        self::assertEquals($before, $this->all($this->wren));
    }

    public function test_what_was_lost_comes_back(): void
    {
        $this->written();
        $before = $this->all($this->wren);
        DB::table('contacts')->where('trip_id', $this->day->id)->delete();
        DB::table('box_items')->where('user_id', $this->wren->id)->delete();
        $this->day->recount();
        self::assertSame(2, array_sum($this->taken($this->wren)));
        self::assertEquals($before, $this->all($this->wren));
        $this->wren->trips()->get()->each->delete();
        self::assertGreaterThan(6, array_sum($this->taken($this->wren)));
        self::assertEquals($before, $this->all($this->wren));
    }

    public function test_in_another_account_it_is_ones_own_and_a_second_time_nothing_more(): void
    {
        $this->written();
        $bob = $this->angler('bob@old-eddy.example')->refresh();
        $wrens = $this->all($this->wren);
        self::assertGreaterThan(10, array_sum($this->taken($bob)));
        self::assertEquals($wrens, $this->all($bob), 'the same in all but its numbers');
        self::assertSame(0, array_sum($this->taken($bob)));
        self::assertEquals([$wrens, $wrens], [$this->all($this->wren), $this->all($bob)]);
        self::assertSame(['tube'], array_column($bob->refresh()->box ?? [], 'lure'));
        // Bob goes on with it, and Wren's day stays as it is.
        $trip = $bob->trips()->sole();
        $this->actingAs($bob)->log($trip, [$this->event('casts', ['stint' => $trip->stints()->sole()->id, 'count' => 5])])->assertJsonPath('events.0.became', 'taken');
        self::assertEquals($wrens, $this->all($this->wren));
        foreach (['fish', 'confirm', 'where', 'look-back.day'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
    }

    public function test_an_archive_that_is_broken_foreign_or_hostile_is_answered_in_a_sentence_and_nothing_is_taken(): void
    {
        $this->written();
        $bob = $this->angler('bob@old-eddy.example')->refresh();
        $row = static fn (string $file, Closure $change): Closure => static function (ZipArchive $zip) use ($file, $change): void {
            $lines = array_filter(explode("\n", (string) $zip->getFromName($file)));
            $zip->addFromString($file, json_encode($change(json_decode($lines[0], true)))."\n".implode('', array_map(static fn (string $l): string => "{$l}\n", array_slice($lines, 1))));
        };
        $said = static fn (array $more): Closure => static fn (array $r): array => $more + $r;
        $manifest = static fn (array $more): Closure => static fn (ZipArchive $zip) => $zip->addFromString('manifest.json', (string) json_encode($more + json_decode((string) $zip->getFromName('manifest.json'), true)));
        $cases = [
            'another version' => [$manifest(['version' => 7]), 'of version 7'],
            'another program' => [$manifest(['format' => 'Somebody else']), 'no archive of Old Eddy'],
            'a file missing' => [static fn (ZipArchive $zip) => $zip->deleteName('stints.jsonl'), 'stints.jsonl of the archive is missing'],
            'rows missing' => [static fn (ZipArchive $zip) => $zip->addFromString('contacts.jsonl', ''), 'is not whole'],
            'a path that climbs' => [static fn (ZipArchive $zip) => $zip->addFromString('../../public/x.php', 'x'), 'no archive of ours holds'],
            'a path from the root' => [static fn (ZipArchive $zip) => $zip->addFromString('/etc/x', 'x'), 'no archive of ours holds'],
            'a bomb' => [static fn (ZipArchive $zip) => $zip->addFromString('log.csv', str_repeat("\0", 20_000_000)), 'unpacks to more'],
            'no JSON' => [static fn (ZipArchive $zip) => $zip->addFromString('stints.jsonl', "{\n"), 'Line 1 of stints.jsonl'],
            'an unknown lure' => [$row('stints.jsonl', $said(['lure' => '<script>'])), 'Line 1 of stints.jsonl: The lure'],
            'an unknown column' => [$row('days.jsonl', $said(['user_id' => 1])), 'user_id is no column'],
            'casts without end' => [$row('stints.jsonl', $said(['cast_count' => 999_999_999])), 'Line 1 of stints.jsonl: The cast_count'],
            'a day that reads as none' => [$row('days.jsonl', $said(['conditions' => ['species' => 'unicorn']])), 'A day of the archive'],
            'a line on no side' => [$row('stints.jsonl', $said(['side' => 'up'])), 'Line 1 of stints.jsonl: The side'],
            'a spread that reads as none' => [$row('days.jsonl', $said(['spread' => ['lines' => [['lure' => 'tube']]]])), 'A day of the archive'],
            'a row of no day' => [$row('stints.jsonl', $said(['trip_id' => 424242])), 'hangs on a day that is not'],
            'a fish of no stint' => [$row('contacts.jsonl', $said(['stint_id' => (string) Str::uuid()])), 'do not hang together'],
            'no settings' => [static fn (ZipArchive $zip) => $zip->addFromString('settings.json', '{"units":"stones"}'), 'settings of the archive'],
        ];
        $whole = (string) file_get_contents($this->path);
        foreach ($cases as $what => [$spoil, $says]) {
            file_put_contents($this->path, $whole);
            $zip = new ZipArchive;
            $zip->open($this->path);
            $spoil($zip);
            $zip->close();
            $this->assertRefused($bob, $says, $what);
        }
        file_put_contents($this->path, substr($whole, 0, -200));
        $this->assertRefused($bob, 'no whole zip file', 'cut off');
        file_put_contents($this->path, 'GIF89a');
        $this->assertRefused($bob, 'no whole zip file', 'no zip');
    }

    public function test_it_is_made_fetched_and_brought_by_the_pages(): void
    {
        config(['queue.default' => 'sync']);
        $this->actingAs($this->wren)->post(route('archive.make'))->assertRedirect(route('archive'));
        $this->get(route('archive'))->assertOk()->assertSee('Fetch it');
        $one = $this->wren->archives()->sole();
        $body = $this->get(route('archive.give', $one->id))->assertOk()->streamedContent();
        file_put_contents($this->path, $body);
        $bob = $this->angler('bob@old-eddy.example')->refresh();
        $this->actingAs($bob)->get(route('archive.give', $one->id))->assertNotFound();
        $this->post(route('archive.take'), ['archive' => new UploadedFile($this->path, 'old.zip', test: true)])->assertRedirect(route('archive'));
        $this->get(route('archive'))->assertOk()->assertSee('Taken in:');
        // What is taken in is summed up at once; so is what it is compared with.
        SumDays::dispatchSync($this->wren->id);
        self::assertEquals($this->all($this->wren), $this->all($bob->refresh()));
        $this->post(route('archive.take'), ['archive' => UploadedFile::fake()->createWithContent('x.zip', 'no zip')]);
        $this->get(route('archive'))->assertSee('no whole zip file');
        self::assertSame(0, DB::table('archive_parts')->whereIn('archive_id', $bob->archives()->pluck('id'))->count(), 'what was taken in is needed no longer');
    }

    /** The next version has a column more: what was written before it is taken all the same. */
    public function test_an_older_archive_that_lacks_a_column_is_taken(): void
    {
        $this->written();
        $zip = new ZipArchive;
        $zip->open($this->path);
        $lack = static fn (string $file, array $columns): string => implode('', array_map(
            static fn (string $line): string => json_encode(array_diff_key(json_decode($line, true), array_flip($columns)), JSON_PRESERVE_ZERO_FRACTION)."\n",
            array_filter(explode("\n", (string) $zip->getFromName($file))),
        ));
        $zip->addFromString('days.jsonl', $lack('days.jsonl', ['forage_seen', 'practice', 'goal']));
        $zip->addFromString('stints.jsonl', $lack('stints.jsonl', ['water_depth_ft', 'spot_id']));
        $zip->close();
        $bob = $this->angler('bob@old-eddy.example')->refresh();
        $this->taken($bob);
        self::assertSame(['numbers', ['crawfish'], 12], [$bob->trips()->sole()->goal, $bob->trips()->sole()->forage_seen, $bob->trips()->sole()->stints()->sole()->cast_count]);
    }

    public function test_an_account_without_anything_goes_out_and_in(): void
    {
        $this->wren = $this->angler('new@old-eddy.example')->refresh();
        $zip = $this->written();
        self::assertSame(0, array_sum(array_diff_key(json_decode((string) $zip->getFromName('manifest.json'), true)['files'], ['log.csv' => 0])));
        self::assertSame(0, array_sum($this->taken($this->angler('newer@old-eddy.example')->refresh())));
        $this->actingAs($this->wren)->get(route('archive.csv'))->assertOk();
        $this->get(route('archive'))->assertOk()->assertDontSee('Fetch it,');
    }

    /** More than one piece of it, so that the pieces come in their order. */
    public function test_the_files_that_a_lake_was_made_of_come_in_as_they_came(): void
    {
        $layer = Layer::query()->create(['lake_id' => $this->day->lake_id, 'name' => 'soundings.csv', 'state' => Layer::LAID]);
        $body = implode('', array_map(static fn (int $n): string => "{$n},".md5((string) $n)."\n", range(1, 60_000)));
        file_put_contents($this->path, $body);
        LayerFile::keep($layer, $this->path);
        $this->written();
        $bob = $this->angler('bob@old-eddy.example')->refresh();
        $this->taken($bob);
        $his = Layer::query()->where('lake_id', $bob->lakes()->sole()->id)->sole();
        self::assertSame(['soundings.csv', Layer::LAID, strlen($body)], [$his->name, $his->state, $his->bytes]);
        self::assertTrue(LayerFile::with($his, static fn (string $path): bool => file_get_contents($path) === $body));
    }

    public function test_what_is_larger_than_a_form_comes_in_by_the_pages(): void
    {
        $this->actingAs($this->wren);
        foreach (['archive.take' => 'archive', 'archive.log' => 'log'] as $page => $field) {
            $this->post(route($page), [], ['CONTENT_LENGTH' => 20 * 1024 * 1024])->assertSessionHasErrors($field);
        }
    }

    public function test_the_command_does_the_same_without_pages(): void
    {
        $this->artisan('eddy:archive', ['way' => 'out', 'email' => $this->wren->email, 'file' => $this->path])->assertExitCode(0);
        $this->angler('bob@old-eddy.example');
        $this->artisan('eddy:archive', ['way' => 'in', 'email' => 'bob@old-eddy.example', 'file' => $this->path])->expectsOutputToContain('1 days')->assertExitCode(0);
        $this->artisan('eddy:archive', ['way' => 'in', 'email' => 'nobody@old-eddy.example', 'file' => $this->path])->assertExitCode(2);
        file_put_contents($this->path, 'x');
        $this->artisan('eddy:archive', ['way' => 'in', 'email' => 'bob@old-eddy.example', 'file' => $this->path])->assertExitCode(1);
    }

    private function assertRefused(User $angler, string $says, string $what): void
    {
        try {
            $this->taken($angler);
            self::fail("{$what} was taken");
        } catch (Refused $e) {
            self::assertStringContainsString($says, $e->getMessage(), $what);
        }
        self::assertSame([0, 0, 0], [$angler->trips()->count(), $angler->lakes()->count(), $angler->items()->count()], "{$what}: nothing is kept");
    }

    public function test_towed_lines_and_the_spread_come_along(): void
    {
        $stint = (string) Str::uuid();
        $this->log($this->day, [
            $this->event('tow', ['stint' => $stint, 'line' => 'port_inside', 'side' => 'port', 'station' => 'inside', 'carrier' => 'board', 'let_out_ft' => 130, 'spot' => 'Wall', 'lure' => 'trolling_spoon', 'color' => 'silver', 'depth_ft' => 12, 'retrieve' => 'troll_steady']),
            $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'missed', 'mph' => 2.1, 'in_turn' => 'yes']),
        ])->assertJsonPath('events.1.became', 'taken');
        $this->day->update(['spread' => SpreadContract::kept(SpreadReader::spread(['boat' => 'kayak', 'lines' => [
            ['side' => 'port', 'position' => 'flat', 'lure' => 'banana_plug', 'let_out_ft' => 90, 'points' => [[80, 6], [120, 9]]],
        ]]))]);
        $this->written();
        $bob = $this->angler('bob@old-eddy.example')->refresh();
        $this->taken($bob);
        $trip = $bob->trips()->sole();
        $towed = $trip->stints()->whereNotNull('line')->sole();
        self::assertSame(['port_inside', 'port', 130.0, 2.1], [$towed->line, $towed->side, $towed->let_out_ft, $towed->contacts->sole()->troll_mph]);
        self::assertEquals($this->day->refresh()->spread, $trip->spread);
        foreach (['fish', 'confirm', 'troll'] as $page) {
            $this->actingAs($bob)->get(route($page, $trip))->assertOk();
        }
    }

    private function written(): ZipArchive
    {
        (new WritesArchive($this->wren, static function (): void {
        }))->to($this->path);
        $zip = new ZipArchive;
        self::assertTrue($zip->open($this->path, ZipArchive::RDONLY));

        return $zip;
    }

    /** @return array<string, int> */
    private function taken(User $angler): array
    {
        return (new TakesArchive($angler, static function (): void {
        }))->from($this->path);
    }

    /** @return array<string, list<array<string, mixed>>> all that is an angler's, without the numbers that rows have here */
    private function all(User $angler): array
    {
        $trips = DB::table('trips')->where('user_id', $angler->id)->pluck('id');
        $lakes = DB::table('lakes')->where('user_id', $angler->id)->pluck('id');
        $rows = static fn (string $table, string $of, mixed $ids): array => DB::table($table)->whereIn($of, $ids)->orderBy($of)->orderBy('created_at')->get()->map(
            static fn (object $row): array => array_diff_key((array) $row, array_flip(['id', 'user_id', 'trip_id', 'lake_id', 'stint_id', 'contact_id', 'spot_id', 'layer_id', 'seq', 'summed_at', 'updated_at', 'leaves'])),
        )->sortBy(static fn (array $row): string => (string) json_encode($row))->values()->all();

        return [
            'days' => $rows('trips', 'user_id', [$angler->id]), 'lakes' => $rows('lakes', 'user_id', [$angler->id]), 'box' => $rows('box_items', 'user_id', [$angler->id]),
            'spots' => $rows('spots', 'lake_id', $lakes), 'rack' => $rows('rack_slots', 'trip_id', $trips), 'stints' => $rows('stints', 'trip_id', $trips),
            'contacts' => $rows('contacts', 'trip_id', $trips), 'events' => $rows('log_events', 'trip_id', $trips), 'turns' => $rows('turns', 'trip_id', $trips),
        ];
    }
}
