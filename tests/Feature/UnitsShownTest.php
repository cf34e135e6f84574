<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Show\Units;
use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Mass;
use PHPUnit\Framework\TestCase;

/** Numbers as anglers read them, in both systems. */
final class UnitsShownTest extends TestCase
{
    public function test_in_feet_and_ounces(): void
    {
        $us = new Units(false);
        self::assertSame(['3.5 ft', '12 ft', '0.5 ft'], [$us->depth(3.5), $us->depth(12.4), $us->depth(0.5)]);
        self::assertSame('2–4.7 ft', $us->band(2, 4.7));
        self::assertSame('54 °F', $us->temp(54.4));
        self::assertSame(
            ['unweighted', '1/16 oz', '3/16 oz', '3/8 oz', '1/2 oz', '1 oz', '1.25 oz', '0.1 oz'],
            array_map($us->weight(...), [0.0, 0.0625, 0.1875, 0.375, 0.5, 1.0, 1.25, 0.1]),
        );
        self::assertSame('2.2 lb', $us->fish(Mass::fromGrams(1000)));
        self::assertSame('3.5 in', $us->size(3.5));
        self::assertSame('1.3 ft/s', $us->pace(1.3));
    }

    public function test_in_metres_and_grams(): void
    {
        $metric = new Units(true);
        self::assertSame('3 m', $metric->depth(9.84));
        self::assertSame('0.6–1.4 m', $metric->band(2, 4.7));
        self::assertSame('12.2 °C', $metric->temp(54));
        self::assertSame('11 g', $metric->weight(0.375));
        self::assertSame('1 kg', $metric->fish(Mass::fromGrams(1000)));
        self::assertSame('8.9 cm', $metric->size(3.5));
    }

    public function test_the_cores_sentences_are_said_in_the_anglers_units(): void
    {
        $metric = new Units(true);
        foreach ([
            [
                '{3-9 ft} of water reaches into their {5-22 ft}.',
                '3-9 ft of water reaches into their 5-22 ft.',
                '0.9-2.7 m of water reaches into their 1.5-6.7 m.',
            ],
            [
                'Gravel points at {8 to 12 ft}, eating crawfish.',
                'Gravel points at 8 to 12 ft, eating crawfish.',
                'Gravel points at 2.4 to 3.7 m, eating crawfish.',
            ],
            [
                '{1.5 ft} of visibility where {6.0 ft~} is usual: down',
                '1.5 ft of visibility where 6.0 is usual: down',
                '0.5 m of visibility where 1.8 m is usual: down',
            ],
            ['Cold water is warming by {0.9 °F a day}.', 'Cold water is warming by 0.9 °F a day.', 'Cold water is warming by 0.5 °C a day.'],
            ['At {2.5 ft/s} it stays; {12 mph} of wind', 'At 2.5 ft/s it stays; 12 mph of wind', 'At 0.76 m/s it stays; 19 km/h of wind'],
            [
                '{15-17 lb} line, {3/8 oz}, a {4 in} worm, 9 in 10',
                '15-17 lb line, 3/8 oz, a 4 in worm, 9 in 10',
                '6.8-7.7 kg line, 11 g, a 10 cm worm, 9 in 10',
            ],
        ] as [$template, $us, $metricSaid]) {
            self::assertSame($metricSaid, $metric->say(Said::of($template)));
            self::assertSame($us, (new Units(false))->say(Said::of($template)));
        }
        self::assertSame(
            ['0.6-1.2 m', '12.2 m and deeper', 'laydown', 'slow roll'],
            array_map($metric->level(...), ['2-4 ft', '40 ft and deeper', 'laydown', 'slow_roll']),
        );
    }

    public function test_seconds_become_minutes_when_they_are_many(): void
    {
        self::assertSame(['6.8 s', '32 s', '1 min 41 s'], array_map(Units::seconds(...), [6.8, 32.4, 101.0]));
    }

    public function test_typed_numbers_come_back_as_they_went(): void
    {
        foreach ([false, true] as $metric) {
            $units = new Units($metric);
            foreach (['temp' => 61.0, 'depth' => 8.0, 'speed' => 12.0, 'temp_change' => 0.9, 'plain' => 4.0] as $quantity => $value) {
                self::assertEqualsWithDelta($value, $units->take($quantity, $units->show($quantity, $value)), 0.02, $quantity);
            }
        }
        self::assertSame(['°C', 'm', 'km/h', ''], array_map((new Units(true))->word(...), ['temp', 'depth', 'speed', 'plain']));
    }
}
