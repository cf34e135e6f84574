<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Boat\Listener;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Str;
use OldEddy\Boat\Sentence;

final class BoatTest extends WaterTestCase
{
    public function test_a_recording_fills_the_day_and_the_place_of_each_contact(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['date' => '2026-11-21', 'timezone' => 'America/New_York', 'water' => ['temp_f' => 57]]);
        [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
        // 09:34 in New York is 14:34 UTC: four minutes into the track.
        $this->log(
            $trip,
            [
                ['at' => '2026-11-21T09:33:00'] + $this->stint($stint),
                $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught', 'at' => '2026-11-21T09:34:00']),
            ],
        )->assertOk();
        $lake = $wren->lakes()->create(['name' => 'Test pond']);
        $lake->spots()->create(['name' => 'The ledge', 'lat' => 36.9038, 'lon' => -80.0967, 'structure' => 'ledge', 'cover' => ['rock']]);
        $lake->spots()->create(['name' => 'Far away', 'lat' => 36.92, 'lon' => -80.0967]);
        $trip->update(['lake_id' => $lake->id]);
        $recording = $this->recording()."\$YXMTW,10.1,C*00\nnonsense\n";
        $this->post(
            route('boat.take', $trip),
            ['recording' => UploadedFile::fake()->createWithContent('day.nmea', $recording)],
        )->assertRedirect(route('boat', $trip))->assertSessionHas('said');
        $trip->refresh()->load('user');
        self::assertEqualsWithDelta(50.4, $trip->measured['water']['temp_f'], 0.11);
        self::assertEqualsWithDelta(202, $trip->measured['weather']['wind_from_deg'], 0.1);
        self::assertSame(57, $trip->known()['water']['temp_f'], 'what was typed wins');
        self::assertEqualsWithDelta(10.5, $trip->known()['weather']['wind_mph'], 0.4);
        self::assertSame(['wrong_checksum' => 1, 'garbled' => 1], $trip->boat['broken']);
        $contact = $trip->contacts()->firstOrFail();
        self::assertEqualsWithDelta(36.9037, $contact->lat, 1e-4);
        self::assertEqualsWithDelta(7.6, $contact->depth_ft, 0.2);
        self::assertSame(['ledge', 'rock'], [$trip->stints()->sole()->structure, $trip->stints()->sole()->cover], 'the marked spot by its position');
        $this->get(route('entries', $trip))->assertOk()->assertSee('by The ledge');
        $this->get(route('boat', $trip))->assertOk()->assertSee('Broken lines left out')->assertSee('1 wrong checksum');
        $this->get(route('read', $trip))->assertOk()->assertSee('measured by the boat');
    }

    public function test_a_file_that_is_no_recording_is_told(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->post(
            route('boat.take', $trip),
            ['recording' => UploadedFile::fake()->createWithContent('day.nmea', 'not a sentence')],
        )->assertSessionHasErrors('recording');
        $this->post(route('boat.take', $trip), ['recording' => UploadedFile::fake()->create('day.nmea', 2000)])->assertSessionHasErrors('recording');
        $this->actingAs($this->angler('marlo@old-eddy.example'))->get(route('boat', $trip))->assertNotFound();
    }

    public function test_the_reader_takes_a_stream_over_tcp(): void
    {
        $port = 20000 + getmypid() % 20000;
        $boat = Process::path(base_path())->timeout(60)->start(['php', 'artisan', 'eddy:boat', "--port={$port}", '--speed=0', '--start=2026-11-21T14:30:00Z']);
        $trip = $this->trip($this->angler(), ['date' => '2026-11-21', 'timezone' => 'America/New_York']);
        $code = 2;
        // The boat needs a moment to lie at its port.
        for ($try = 0; $try < 100 && $code !== 0; $try++) {
            usleep(100_000);
            $code = Artisan::call('eddy:listen', ['day' => $trip->id, '--tcp' => "127.0.0.1:{$port}"]);
        }
        self::assertSame(0, $code, Artisan::output().$boat->errorOutput());
        $trip->refresh();
        self::assertSame([], $trip->boat['broken']);
        self::assertGreaterThan(2000, $trip->boat['heard']);
        self::assertGreaterThan(200, $trip->fixes()->count());
        self::assertSame('2026-11-21T09:50:00', $trip->boat['until']);
    }

    public function test_old_values_are_marked_stale(): void
    {
        $trip = $this->trip($this->angler());
        $listener = new Listener($trip);
        $rmc = fn (string $clock): string => Sentence::write('GPRMC', [$clock, 'A', '3654.1260', 'N', '08006.2520', 'W', '0.0', '0.0', '200426', '', '']);
        foreach ([$rmc('120000.00'), Sentence::write('SDDBT', ['14.0', 'f', '4.27', 'M', '2.3', 'F']), $rmc('120030.00')] as $line) {
            $listener->hear($line);
        }
        $listener->keep();
        $boat = $trip->refresh()->boat;
        self::assertTrue($boat['values']['depth_ft']['stale']);
        self::assertFalse($boat['values']['lat']['stale']);
    }

    public function test_wrong_calls_say_what_is_wrong(): void
    {
        self::assertSame(2, Artisan::call('eddy:listen', ['day' => 999999, '--file' => '/nowhere']));
        $trip = $this->trip($this->angler());
        self::assertSame(2, Artisan::call('eddy:listen', ['day' => $trip->id]));
        self::assertSame(2, Artisan::call('eddy:listen', ['day' => $trip->id, '--file' => '/nowhere']));
        self::assertStringContainsString('There is no file /nowhere', Artisan::output());
        self::assertSame(2, Artisan::call('eddy:listen', ['day' => $trip->id, '--file' => sys_get_temp_dir()]));
    }

    public function test_a_line_on_which_nothing_is_heard_ends_with_an_error(): void
    {
        $silent = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($silent);
        $trip = $this->trip($this->angler());
        self::assertSame(2, Artisan::call('eddy:listen', ['day' => $trip->id, '--tcp' => (string) stream_socket_get_name($silent, false), '--silence' => 1]));
        self::assertStringContainsString('Nothing was heard', Artisan::output());
    }

    public function test_the_shipped_recording_is_read(): void
    {
        $trip = $this->trip($this->angler(), ['date' => '2026-11-21', 'timezone' => 'America/New_York']);
        self::assertSame(0, Artisan::call('eddy:listen', ['day' => $trip->id, '--file' => base_path('examples/boat.nmea')]));
        self::assertGreaterThan(10, $trip->fixes()->count());
    }

    private function recording(): string
    {
        $boat = new \OldEddy\Boat\SimulatedBoat(require database_path('seeders/track.php'), new \DateTimeImmutable('2026-11-21T14:30:00Z'));
        $lines = '';
        for ($second = 0; $second <= $boat->lastsS(); $second++) {
            $lines .= implode("\r\n", $boat->sentences($second))."\r\n";
        }

        return $lines;
    }
}
