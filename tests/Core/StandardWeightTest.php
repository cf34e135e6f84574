<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Fish\StandardWeight;
use PHPUnit\Framework\TestCase;

/** D10. Sources: Henson 1991; Kolander et al. 1993; Murphy et al. 1990; Neumann et al. 2012 (values from memory). */
final class StandardWeightTest extends TestCase
{
    public function test_standard_weights_worked_by_hand(): void
    {
        // log10 W = -5.528 + 3.273 * log10(400) = 2.9885, and so on.
        foreach ([[Species::LargemouthBass, 400, 973.9], [Species::SmallmouthBass, 350, 648.6], [Species::Walleye, 500, 1348.7], [Species::Bluegill, 200, 180.4]] as [$species, $millimetres, $grams]) {
            self::assertEqualsWithDelta($grams, StandardWeight::of($species, Length::fromMetres($millimetres / 1000))?->grams(), $grams * 0.005);
        }
        self::assertNull(StandardWeight::of(Species::Zander, Length::fromInches(20)));
    }

    public function test_relative_weight(): void
    {
        $length = Length::fromInches(16);
        $standard = StandardWeight::of(Species::LargemouthBass, $length);
        self::assertNotNull($standard);
        self::assertEqualsWithDelta(100, StandardWeight::relative(Species::LargemouthBass, $length, $standard), 1e-9);
        self::assertEqualsWithDelta(80, StandardWeight::relative(Species::LargemouthBass, $length, Mass::fromGrams($standard->grams() * 0.8)), 1e-9);
        self::assertNull(StandardWeight::relative(Species::Zander, $length, $standard));
    }
}
