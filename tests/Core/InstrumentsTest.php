<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use OldEddy\Boat\BoatState;
use OldEddy\Boat\Broken;
use OldEddy\Boat\Meaning;
use OldEddy\Boat\Quantity;
use OldEddy\Boat\Sentence;
use OldEddy\Boat\SimulatedBoat;
use PHPUnit\Framework\TestCase;

final class InstrumentsTest extends TestCase
{
    /** Tag blocks: NMEA 0183 v4 (from memory); times and words in front: common practice of recorders. */
    public function test_what_recorders_put_in_front_of_a_sentence_is_passed_over(): void
    {
        $sound = Sentence::write('SDDBT', ['14.0', 'f', '4.27', 'M', '2.3', 'F']);
        foreach (["\\s:GP0001,c:1714650000*4E\\{$sound}", "2026-11-21 14:30:01.120 {$sound}", "14:30:01,{$sound}", "  {$sound}"] as $line) {
            $read = Sentence::read($line);
            self::assertInstanceOf(Sentence::class, $read, $line);
            self::assertSame(['DBT', 14.0], [$read->type, $read->number(0)]);
        }
        self::assertInstanceOf(Broken::class, Sentence::read(substr($sound, 4)), 'cut at its beginning');
        self::assertInstanceOf(Broken::class, Sentence::read('words, $ and more'));
    }

    /** Source: nmea-simple 3.3.0 and @signalk/nmea0183-signalk 3.20.1, see references/make-nmea.mjs. */
    public function test_sentences_mean_what_independent_libraries_read_in_them(): void
    {
        $compared = 0;
        foreach ([...self::reference()['sentences'], ...self::reference()['boat']] as ['line' => $line, 'got' => $got]) {
            $sentence = Sentence::read($line);
            self::assertInstanceOf(Sentence::class, $sentence, $line);
            $bow = Meaning::windOverBow($sentence);
            $told = Meaning::of($sentence) + ($bow === null ? [] : ['wind_mph' => $bow[1]]);
            $expected = [];
            foreach ($got as $name => $value) {
                match ($name) {
                    'lat', 'lon' => $expected[$name] = [$value, 1e-7],
                    'knots' => $expected['speed_mph'] = [$value * 1.150779, 1e-4],
                    // The library makes 0 of a course that was not sent.
                    'course' => isset($told['course_deg']) ? $expected['course_deg'] = [$value, 1e-6] : null,
                    'metres', 'surface_m' => $expected['depth_ft'] = [$value / 0.3048, 1e-6],
                    'kelvin' => $expected['water_temp_f'] = [($value - 273.15) * 1.8 + 32, 1e-6],
                    'from_rad' => $expected['wind_from_deg'] = [rad2deg($value), 1e-6],
                    // The second library's knot is rounded at the seventh digit.
                    'wind_m_s' => $expected['wind_mph'] = [$value * 3600 / 1609.344, $bow === null ? 1e-6 : 1e-5],
                    'heading' => $expected['heading_deg'] = [fmod($value + 360, 360), 1e-6],
                    'bow' => self::assertEqualsWithDelta([$value[0], $value[1] * 3600 / 1609.344, $value[2]], Meaning::windOverBow($sentence), 1e-6),
                    'pascal' => $expected['pressure_hpa'] = [$value / 100, 1e-6],
                    default => null,
                };
            }
            foreach ($expected as $key => [$value, $delta]) {
                self::assertEqualsWithDelta($value, $told[$key] ?? null, $delta, "{$line}: {$key}");
                $compared++;
            }
            if (isset($got['at'])) {
                $state = (new BoatState)->after($line);
                self::assertEqualsWithDelta((float) (new DateTimeImmutable($got['at']))->format('U.v'), $state->clock, 1e-3);
            }
        }
        self::assertGreaterThan(40, $compared);
    }

    public function test_the_simulated_boat_sends_the_very_lines_that_those_libraries_read(): void
    {
        $boat = new SimulatedBoat(require dirname(__DIR__, 2).'/database/seeders/track.php', new DateTimeImmutable('2026-11-21T14:30:00Z'));
        $sent = [];
        for ($second = 0; $second <= $boat->lastsS(); $second++) {
            array_push($sent, ...$boat->sentences($second));
        }
        foreach (self::reference()['boat'] as ['line' => $line]) {
            self::assertContains($line, $sent);
        }
        $state = array_reduce($sent, static fn (BoatState $s, string $line): BoatState => $s->after($line), new BoatState);
        self::assertSame([], $state->broken);
        self::assertEqualsWithDelta(1010.7, $state->values['pressure_hpa'][0], 0.01);
        self::assertEqualsWithDelta(21.7, $state->values['depth_ft'][0], 0.05);
    }

    public function test_the_track_runs_over_the_demo_lake_and_its_depths(): void
    {
        [$grid] = require dirname(__DIR__, 2).'/database/seeders/lake.php';
        foreach (require dirname(__DIR__, 2).'/database/seeders/track.php' as $leg) {
            self::assertEqualsWithDelta($grid->at($leg['lat'], $leg['lon']), $leg['depth_ft'], 1.5);
        }
    }

    public function test_broken_lines_say_why_and_change_nothing(): void
    {
        foreach ([
            ['$YXMTW,10.1,C*13', Broken::Checksum], ['$YXMTW,10.1,C*1', Broken::CutShort], ['$YXMTW,10.1', Broken::CutShort], ['', Broken::Garbled],
            ["\x00\xff\$YXMTW", Broken::Garbled], ['MTW,10.1,C*12', Broken::Garbled], ['$'.str_repeat('A', 300), Broken::Garbled],
        ] as [$line, $why]) {
            self::assertSame($why, Sentence::read($line), $line);
        }
        $sound = (new BoatState)->after('$GPRMC,143000.00,A,3654.1260,N,08006.2520,W,0.0,0.0,211126,,,A*47')->after('$YXMTW,10.1,C*12');
        $after = $sound->after('$YXMTW,10.1,C*13')->after(Sentence::write('YXMTW', ['88.0', 'C']));
        self::assertSame(['wrong_checksum' => 1, 'impossible_value' => 1], $after->broken);
        self::assertSame($sound->values, $after->values);
    }

    public function test_values_grow_stale_and_undated_lines_are_left_out(): void
    {
        $state = (new BoatState)->after('$YXMTW,10.1,C*12');
        self::assertSame([1, []], [$state->undated, $state->values], 'no clock yet');
        $state = $state->after('$GPRMC,143000.00,A,3654.1260,N,08006.2520,W,0.0,0.0,211126,,,A*47')->after('$SDDBT,14.0,f,4.27,M,2.3,F*03');
        $clock = (float) $state->clock;
        self::assertNotNull($state->fresh(Quantity::DepthFt, $clock + 10));
        self::assertNull($state->fresh(Quantity::DepthFt, $clock + 11));
        self::assertNotNull($state->fresh(Quantity::Lat, $clock + 15));
        self::assertNull($state->fresh(Quantity::WaterTempF, $clock));
        // A time without a date, after midnight, is the next day.
        $late = (new BoatState)->after(Sentence::write('GPRMC', ['235959.00', 'A', '3654.1260', 'N', '08006.2520', 'W', '0.0', '0.0', '211126', '', '']));
        $next = $late->after(Sentence::write('GPGGA', ['000004.00', '3654.1260', 'N', '08006.2520', 'W', '1', '09', '0.9', '210.0', 'M', '', 'M', '', '']));
        self::assertEqualsWithDelta(5.0, $next->clock - $late->clock, 1e-6);
    }

    public function test_wind_over_the_bow_becomes_wind_over_the_land_where_that_can_be_known(): void
    {
        $at = static fn (string $knots, string $course): string => Sentence::write(
            'GPRMC',
            ['143000.00', 'A', '3654.1260', 'N', '08006.2520', 'W', $knots, $course, '211126', '', ''],
        );
        $hear = static fn (string ...$lines): BoatState => array_reduce(
            $lines,
            static fn (BoatState $s, string $line): BoatState => $s->after($line),
            new BoatState,
        );
        $true = Sentence::write('WIMWV', ['040.0', 'T', '10.0', 'N', 'A']);
        $felt = Sentence::write('WIMWV', ['300.0', 'R', '5.0', 'M', 'A']);
        $still = $hear($at('0.1', ''), Sentence::write('HCHDT', ['350.0', 'T']), $true);
        self::assertEqualsWithDelta(30.0, $still->values['wind_from_deg'][0], 1e-9, 'heading and angle');
        self::assertEqualsWithDelta(11.50779, $still->values['wind_mph'][0], 1e-4);
        self::assertEqualsWithDelta(
            130.0,
            $hear($at('6.0', '90.0'), $true)->values['wind_from_deg'][0],
            1e-9,
            'under way the bow points about where the boat goes',
        );
        self::assertArrayNotHasKey('wind_from_deg', $hear($at('0.1', ''), $true)->values, 'nobody knows where the bow points');
        self::assertArrayNotHasKey('wind_mph', $hear($at('6.0', '90.0'), $felt)->values, 'a running boat makes its own wind');
        self::assertEqualsWithDelta(11.18468, $hear($at('0.2', ''), $felt)->values['wind_mph'][0], 1e-4);
        self::assertArrayNotHasKey('wind_mph', $hear($at('0.2', ''), Sentence::write('WIMWV', ['300.0', 'R', '5.0', 'M', 'V']))->values, 'not valid');
    }

    public function test_a_fix_that_is_none_is_not_believed(): void
    {
        foreach ([
            ['GPRMC', ['143000.00', 'V', '3654.1260', 'N', '08006.2520', 'W', '0.0', '0.0', '211126']],
            ['GPGGA', ['143000.00', '3654.1260', 'N', '08006.2520', 'W', '0']],
            ['GPGLL', ['3654.1', 'N', '08006.2', 'W', '143000', 'V']],
            ['GPGGA', ['143000.00', '3675.1260', 'N', '08006.2520', 'W', '1']],
        ] as [$type, $fields]) {
            $sentence = Sentence::read(Sentence::write($type, $fields));
            self::assertInstanceOf(Sentence::class, $sentence);
            self::assertSame([], Meaning::of($sentence), $type);
        }
    }

    /** @return array{sentences: list<array{line: string, got: array<string, mixed>}>, boat: list<array{line: string, got: array<string, mixed>}>} */
    private static function reference(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/references/nmea.json'), true, flags: JSON_THROW_ON_ERROR);
    }
}
