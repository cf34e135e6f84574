<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
use OldEddy\Contract\FieldTable;
use OldEddy\Contract\PlanContract;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Fish\StandardWeight;
use PHPUnit\Framework\TestCase;

/** D10. Sources: Henson 1991; Kolander et al. 1993; Murphy et al. 1990; Neumann et al. 2012 (values from memory). */
final class StandardWeightTest extends TestCase
{
    public function test_standard_weights_worked_by_hand(): void
    {
        // log10 W = -5.528 + 3.273 * log10(400) = 2.9885, and so on.
        foreach ([
            [Species::LargemouthBass, 400, 973.9], [Species::SmallmouthBass, 350, 648.6], [Species::Walleye, 500, 1348.7],
            [Species::Bluegill, 200, 180.4], [ColdwaterGuest::RainbowTrout, 400, 763.0], [ColdwaterGuest::BrownTrout, 400, 774.0],
            [ColdwaterGuest::LakeTrout, 500, 1202.0], [ColdwaterGuest::LandlockedSalmon, 450, 935.0],
        ] as [$species, $millimetres, $grams]) {
            self::assertEqualsWithDelta($grams, StandardWeight::of($species, Length::fromMetres($millimetres / 1000))?->grams(), $grams * 0.005);
        }
        self::assertNull(StandardWeight::of(Species::Zander, Length::fromInches(20)));
    }

    public function test_guests_of_cold_water_are_logged_and_no_day_is_for_them(): void
    {
        self::assertSame(ColdwaterGuest::LakeTrout, ColdwaterGuest::fish('lake_trout'));
        self::assertSame(Species::Walleye, ColdwaterGuest::fish('walleye'));
        self::assertSame([], array_intersect(Species::keys(), ColdwaterGuest::keys()));
        self::assertContains('landlocked_salmon', FieldTable::one('contact', 'species')->options);
        self::assertNotContains('landlocked_salmon', FieldTable::one('day', 'species')->options);
        $warned = static fn (float $temp, string $mode): bool => str_contains(json_encode(PlanContract::answer(
            ['species' => 'walleye', 'date' => '2026-06-20', 'mode' => $mode, 'water' => ['temp_f' => $temp]],
        )['cautions'], JSON_THROW_ON_ERROR), 'Trout and salmon');
        self::assertSame([true, false, false], [$warned(68, 'troll'), $warned(58, 'troll'), $warned(68, 'cast')]);
    }
}
