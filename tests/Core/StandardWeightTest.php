<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
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
            [Species::Bluegill, 200, 180.4],
        ] as [$species, $millimetres, $grams]) {
            self::assertEqualsWithDelta($grams, StandardWeight::of($species, Length::fromMetres($millimetres / 1000))?->grams(), $grams * 0.005);
        }
        self::assertNull(StandardWeight::of(Species::Zander, Length::fromInches(20)));
    }
}
