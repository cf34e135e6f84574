<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Basics\Units\Speed;
use OldEddy\Basics\Units\Temperature;
use PHPUnit\Framework\TestCase;

/** Source: international yard and pound agreement of 1959; NIST SP 811 for the mile an hour. All exact. */
final class UnitsTest extends TestCase
{
    public function test_exact_factors(): void
    {
        self::assertSame(0.3048, Length::fromFeet(1)->metres());
        self::assertEqualsWithDelta(25.4, Length::fromInches(1)->millimetres(), 1e-12);
        self::assertSame(28.349523125, Mass::fromOunces(1)->grams());
        self::assertSame(453.59237, Mass::fromPounds(1)->grams());
        self::assertEqualsWithDelta(16.0, Mass::fromPounds(1)->ounces(), 1e-12);
        self::assertSame(0.44704, Speed::fromMph(1)->metresPerSecond());
        self::assertEqualsWithDelta(22 / 15, Speed::fromMph(1)->feetPerSecond(), 1e-12);
        self::assertSame(0.0, Temperature::fromFahrenheit(32)->celsius());
        self::assertEqualsWithDelta(100.0, Temperature::fromFahrenheit(212)->celsius(), 1e-12);
        self::assertEqualsWithDelta(-40.0, Temperature::fromCelsius(-40)->fahrenheit(), 1e-12);
    }

    public function test_there_and_back(): void
    {
        foreach ([0.1, 3.0, 47.3] as $x) {
            self::assertEqualsWithDelta($x, Length::fromMetres(Length::fromFeet($x)->metres())->feet(), 1e-12);
            self::assertEqualsWithDelta($x, Mass::fromGrams(Mass::fromOunces($x)->grams())->ounces(), 1e-12);
            self::assertEqualsWithDelta($x, Speed::fromFeetPerSecond(Speed::fromMph($x)->feetPerSecond())->mph(), 1e-12);
            self::assertEqualsWithDelta($x, Length::fromInches(Length::fromFeet($x)->inches())->feet(), 1e-12);
            self::assertEqualsWithDelta($x, Mass::fromGrams(Mass::fromPounds($x)->grams())->pounds(), 1e-12);
            self::assertEqualsWithDelta($x, Speed::fromMetresPerSecond($x)->metresPerSecond(), 1e-12);
        }
    }
}
