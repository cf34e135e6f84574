<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Day\Water\Light;
use OldEddy\Day\Water\Sight;
use OldEddy\Day\Water\WaterColor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WaterTest extends TestCase
{
    /** Common practice, no source: the table of rule W2 (: 1.5 ft is stained, not mud). */
    #[DataProvider('classes')]
    public function test_clarity_classes(float $visibilityFt, Clarity $class): void
    {
        self::assertSame($class, Clarity::fromVisibility($visibilityFt));
    }

    /** @return list<array{float, Clarity}> */
    public static function classes(): array
    {
        return [
            [0, Clarity::Mud], [0.99, Clarity::Mud], [1.0, Clarity::Stained], [1.5, Clarity::Stained], [2.99, Clarity::Stained],
            [3.0, Clarity::Fair], [5.0, Clarity::Clear], [11.9, Clarity::Clear], [12, Clarity::Gin],
        ];
    }

    /** W1, common practice: a drop from 20 to 12 ft unsettles as a drop from 8 to 1 ft does. */
    public function test_clarity_is_relative(): void
    {
        self::assertSame(ClarityShift::Down, ClarityShift::between(12, 20));
        self::assertSame(ClarityShift::SharplyDown, ClarityShift::between(1, 8));
        self::assertSame(ClarityShift::SharplyDown, ClarityShift::between(2, 8));
        self::assertSame(ClarityShift::AsUsual, ClarityShift::between(0.5, 0.5));
        self::assertSame(ClarityShift::AsUsual, ClarityShift::between(6, 4));
        self::assertSame(ClarityShift::Up, ClarityShift::between(6.1, 4));
    }

    /** W8. Source: Poole & Atkins 1929, Kd = 1.7 / Secchi depth (value from memory); 1 % depth is about 2.7 Secchi depths. */
    public function test_light_after_poole_and_atkins(): void
    {
        $light = new Light(10.0);
        self::assertEqualsWithDelta(0.17, $light->attenuationPerFt(), 1e-12);
        self::assertEqualsWithDelta(27.0, $light->onePercentDepthFt(), 0.1);
        self::assertEqualsWithDelta(exp(-1.7), $light->at(10.0), 1e-12);
        self::assertEqualsWithDelta(0.01, $light->at($light->onePercentDepthFt()), 1e-12);
    }

    public function test_dirtier_water_never_lets_a_fish_see_farther(): void
    {
        foreach ([1.0, 5.0, 15.0] as $depth) {
            $before = 0.0;
            for ($visibility = 0.0; $visibility <= 30; $visibility += 0.25) {
                $reach = Sight::in($visibility)->reachFt($depth);
                self::assertGreaterThanOrEqual($before, $reach);
                $before = $reach;
            }
        }
        self::assertTrue(Sight::in(8)->showsColor(5));
        self::assertFalse(Sight::in(1)->showsColor(5));
        self::assertLessThan(Sight::in(4)->reachFt(3), Sight::in(4)->reachFt(3, 0.5));
    }

    public function test_water_is_drawn_brown_in_mud_and_bluish_when_clear(): void
    {
        $mud = WaterColor::of(0.3);
        $gin = WaterColor::of(20);
        self::assertGreaterThan($mud->blue, $mud->red);
        self::assertGreaterThan($gin->red, $gin->blue);
        self::assertLessThan($mud->red, $mud->dimmedTo(0.05)->red);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $mud->hex());
    }
}
