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
        $plain = static fn (array $day): string => (string) json_encode(array_map(FishedDays::row(...), $day));
        foreach ([2, 17] as $number) {
            $angler = $this->angler("day-{$number}@old-eddy.example")->refresh();
            self::assertSame($plain(FishedDays::anew($angler, $number)), $plain($written[$number]), 'written down anew by bin/demo');
        }
    }
}
