<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ShadeContract;
use OldEddy\Day\Sun\SunDay;
use OldEddy\Day\Sun\SunPosition;
use OldEddy\Where\Shade\Bank;
use OldEddy\Where\Shade\BankShade;
use OldEddy\Where\Shade\ShadeDay;
use OldEddy\Where\Shade\ShoreShade;
use OldEddy\Where\Shade\ShoreStrip;
use PHPUnit\Framework\TestCase;

final class ShadeTest extends TestCase
{
    private const IN = [
        'date' => '2026-08-10', 'timezone' => 'America/New_York', 'lat' => 37.1, 'lon' => -79.9, 'bank_faces_deg' => 20, 'object_height_ft' => 40,
        'setback_ft' => 5, 'step_minutes' => 10,
    ];

    /** Source: astronomy-engine 2.1.19, see references/make-sun-years.mjs: 5 years, 6 latitudes. */
    public function test_the_sun_over_years_and_latitudes_within_a_tenth_of_a_degree(): void
    {
        $rows = json_decode((string) file_get_contents(__DIR__.'/references/sun-years.json'), true, flags: JSON_THROW_ON_ERROR);
        self::assertCount(150, $rows);
        foreach ($rows as $row) {
            $sun = SunPosition::at(new DateTimeImmutable($row['at']), $row['lat'], -80.1);
            self::assertEqualsWithDelta($row['elevation'], $sun->elevationDeg, 0.1, $row['at']);
            // Near the zenith the azimuth means little: what counts is the angle on the sky.
            self::assertEqualsWithDelta(
                0,
                fmod($sun->azimuthDeg - $row['azimuth'] + 540, 360) - 180,
                0.1 / max(0.05, cos(deg2rad($row['elevation']))),
                $row['at'],
            );
        }
    }

    /** Rule S22, by hand: 40 ft / tan(45°) × cos(30°) − 5 ft. */
    public function test_the_width_follows_the_geometry(): void
    {
        $sun = $this->sunAt(45.0);
        $bank = fn (float $off, float $setback = 5.0): float => (new BankShade(fmod($sun->azimuthDeg + 180 + $off, 360), 40.0, $setback))->widthFt($sun);
        $expected = fn (float $off): float => 40 / tan(deg2rad($sun->elevationDeg)) * cos(deg2rad($off)) - 5;
        self::assertEqualsWithDelta($expected(30), $bank(30), 1e-9);
        self::assertEqualsWithDelta($expected(0), $bank(0), 1e-9);
        self::assertSame(0.0, $bank(180), 'the sun before the bank throws no shade on the water');
        self::assertEqualsWithDelta(0.0, $bank(90, 0), 1e-9, 'along the waterline');
        self::assertSame(0.0, $bank(0, 500), 'set back too far');
    }

    public function test_windows_are_where_the_width_lies_between_five_and_ten_feet(): void
    {
        $sun = new SunDay('2026-08-10', new DateTimeZone('America/New_York'), 37.1, -79.9);
        $day = new ShadeDay(new BankShade(20.0, 40.0, 5.0), $sun);
        $windows = $day->windows();
        self::assertNotSame([], $windows);
        for ($minute = (int) $sun->sunriseMinute(); $minute <= $sun->sunsetMinute(); $minute++) {
            $within = array_filter($windows, static fn (array $w): bool => $minute >= $w[0] && $minute <= $w[1]) !== [];
            self::assertSame($day->widthFt($minute) >= 5 && $day->widthFt($minute) <= 10, $within, (string) $minute);
        }
    }

    public function test_the_command_answers_by_the_contract(): void
    {
        $out = ShadeContract::answer(self::IN);
        self::assertMatchesRegularExpression('/^06:3\d$/', $out['sunrise']);
        self::assertSame('5-10 ft', $out['windows'][0]['why']);
        self::assertSame('06:40', $out['samples'][0]['time']);
        foreach ($out['samples'] as $sample) {
            $behind = cos(deg2rad($sample['azimuth_deg'] - 200));
            $width = $behind <= 0 ? 0 : max(0, 40 / tan(deg2rad($sample['elevation_deg'])) * $behind - 5);
            self::assertEqualsWithDelta(
                min(2000, $width),
                $sample['shade_width_ft'],
                0.02 * (1 + $width / max(0.5, $sample['elevation_deg'])),
                $sample['time'],
            );
        }
    }

    public function test_bad_input_is_named(): void
    {
        try {
            ShadeContract::answer(['lat' => 95, 'bank_faces_deg' => 400, 'heigth' => 3] + self::IN);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertEqualsCanonicalizing(['lat', 'bank_faces_deg', 'heigth'], array_column($e->toArray(), 'path'));
        }
    }

    /** S22: a whole shoreline, piece by piece: each casts the shade that a bank of its direction and height casts, on the water's side. */
    public function test_a_shoreline_throws_the_shade_of_each_of_its_pieces(): void
    {
        // A pond of about 220 by 220 m around 37, -80, its rim closed at the south-west.
        $d = 0.001;
        $ring = [[-80 - $d, 37 - $d], [-80 + $d, 37 - $d], [-80 + $d, 37 + $d], [-80 - $d, 37 + $d]];
        $sun = $this->sunAt(30);
        $strips = ShoreShade::at([new Bank([...$ring, $ring[0]], 40, 5)], [$ring], $sun);
        $faces = array_map(static fn (ShoreStrip $s): float => round($s->facesDeg), $strips);
        self::assertContains(270.0, $faces, 'in the morning the east bank is shaded, and faces west over the water');
        self::assertNotContains(90.0, $faces);
        $east = array_values(array_filter($strips, static fn (ShoreStrip $s): bool => round($s->facesDeg) === 270.0))[0];
        self::assertEqualsWithDelta([-80 + $d, -80 + $d], [$east->from->lon, $east->to->lon], 1e-9, 'the bank that faces west is the one in the east');
        foreach ($strips as $strip) {
            self::assertEqualsWithDelta((new BankShade($strip->facesDeg, 40, 5))->widthFt($sun), $strip->widthFt, 1e-9);
            self::assertSame($strip->widthFt >= 5 && $strip->widthFt <= 10, $strip->isBest());
        }
        self::assertSame([], ShoreShade::at([new Bank($ring, 40)], [], $sun), 'where no shore is known, nobody knows which side is water');
        $far = array_map(static fn (array $p): array => [$p[0] + 1, $p[1]], $ring);
        self::assertSame([], ShoreShade::at([new Bank($far, 40)], [$ring], $sun));
        self::assertSame([], ShoreShade::at([new Bank($ring, 40)], [$ring], (new SunDay('2026-06-10', new DateTimeZone('America/New_York'), 37.0, -80.0))->at(60)), 'at night');
    }

    private function sunAt(float $elevation): SunPosition
    {
        for ($minute = 400; $minute < 780; $minute++) {
            $sun = (new SunDay('2026-06-10', new DateTimeZone('America/New_York'), 37.0, -80.0))->at($minute);
            if ($sun->elevationDeg >= $elevation) {
                return $sun;
            }
        }
        self::fail('The sun does not get so high.');
    }
}
