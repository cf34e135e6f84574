<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use OldEddy\Day\Sun\SunDay;
use OldEddy\Day\Sun\SunPosition;
use PHPUnit\Framework\TestCase;

final class SunTest extends TestCase
{
    /** Against the library suncalc 2.0.2 (references/make-sun.mjs), whose altitudes carry refraction after Saemundsson. */
    public function test_the_sun_stands_where_a_reference_library_sees_it(): void
    {
        $rows = json_decode((string) file_get_contents(__DIR__.'/references/sun.json'), true, 8, JSON_THROW_ON_ERROR);
        self::assertCount(30, $rows);
        foreach ($rows as $row) {
            $sun = SunPosition::at(new DateTimeImmutable($row['at']), $row['lat'], $row['lon']);
            $turn = abs(fmod($sun->azimuthDeg - $row['azimuth'] + 540, 360) - 180);
            self::assertLessThan(0.1, $turn * cos(deg2rad($sun->elevationDeg)), "azimuth at {$row['at']}, {$row['lat']}");
            if ($row['altitude'] > 0.5) {
                $refraction = 1.02 / tan(deg2rad($sun->elevationDeg + 10.3 / ($sun->elevationDeg + 5.11))) / 60;
                self::assertEqualsWithDelta($row['altitude'], $sun->elevationDeg + $refraction, 0.1, "altitude at {$row['at']}, {$row['lat']}");
            }
        }
    }

    /** Against PHP's own date_sun_info, within two minutes. */
    public function test_sunrise_and_sunset_agree_with_php(): void
    {
        $zone = new DateTimeZone('America/New_York');
        foreach (['2026-01-15', '2026-04-12', '2026-06-21', '2026-10-24'] as $date) {
            $day = new SunDay($date, $zone, 37.1, -79.9);
            $info = date_sun_info((new DateTimeImmutable("{$date} 12:00", $zone))->getTimestamp(), 37.1, -79.9);
            foreach (['sunrise' => $day->sunriseMinute(), 'sunset' => $day->sunsetMinute()] as $key => $minute) {
                $local = (new DateTimeImmutable('@'.$info[$key]))->setTimezone($zone);
                self::assertEqualsWithDelta((int) $local->format('G') * 60 + (int) $local->format('i'), $minute, 2, "{$key} on {$date}");
            }
        }
    }

    public function test_a_sun_that_does_not_rise_has_no_sunrise(): void
    {
        $day = new SunDay('2026-12-21', new DateTimeZone('UTC'), 75.0, 0.0);
        self::assertNull($day->sunriseMinute());
        self::assertNull($day->sunsetMinute());
    }
}
