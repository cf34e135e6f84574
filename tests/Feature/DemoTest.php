<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\FishedDays;

/** The demo that everybody sees first. */
final class DemoTest extends WaterTestCase
{
    public function test_its_days_went_as_the_advice_of_today_has_them_go(): void
    {
        $written = FishedDays::read();
        self::assertGreaterThan(30, count($written));
        foreach ([2, 17] as $number) {
            self::assertSame(
                array_map(FishedDays::row(...), $written[$number]), json_decode((string) json_encode(array_map(FishedDays::row(...), FishedDays::anew($this->angler("day-{$number}@old-eddy.example")->refresh(), $number))), true),
                'written down anew by bin/demo',
            );
        }
    }
}
