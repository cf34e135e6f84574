<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeZone;
use OldEddy\Day\Sun\SunDay;
use PHPUnit\Framework\TestCase;

/** The sun's crossing of the horizon is looked for by hours first: it must be the one that ten minutes find. */
final class SunDayTest extends TestCase
{
    /** The horizon with mean refraction, as published. */
    private const HORIZON_DEG = -0.833;

    public function test_the_hours_lose_no_sunrise_and_no_sunset_anywhere_on_any_day(): void
    {
        $days = 0;
        foreach ([0.0, 36.9, 52.0, 60.5, 65.9, 66.4, 67.5, 70.0, -45.0] as $lat) {
            for ($day = 1; $day <= 365; $day += 7) {
                $date = date('Y-m-d', (int) gmmktime(0, 0, 0, 1, $day, 2026));
                $sun = new SunDay($date, new DateTimeZone('UTC'), $lat, 12.0);
                foreach ([[true, $sun->sunriseMinute()], [false, $sun->sunsetMinute()]] as [$rising, $found]) {
                    $fine = $this->byTenMinutes($sun, $rising);
                    self::assertSame($fine === null, $found === null, "{$date} at {$lat}");
                    self::assertEqualsWithDelta($fine ?? 0, $found ?? 0, 1, "{$date} at {$lat}");
                    $days++;
                }
            }
        }
        self::assertGreaterThan(900, $days);
    }

    private function byTenMinutes(SunDay $sun, bool $rising): ?int
    {
        for ($minute = 10; $minute < 1440; $minute += 10) {
            [$before, $now] = [$sun->at($minute - 10)->elevationDeg - self::HORIZON_DEG, $sun->at($minute)->elevationDeg - self::HORIZON_DEG];
            if ($rising ? $before < 0 && $now >= 0 : $before >= 0 && $now < 0) {
                return $minute - (int) round(10 * $now / ($now - $before));
            }
        }

        return null;
    }
}
