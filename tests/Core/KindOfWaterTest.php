<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Reading\Stand;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** F23: what a kind of water has bounds where fish are sought where nobody named a place. Common practice, no source. */
final class KindOfWaterTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, list<Structure>, list<Structure>}> kind, deepest for bass and for others, among, never */
    public static function waters(): iterable
    {
        $deep = [Structure::Hump, Structure::Ledge, Structure::Saddle, Structure::MainPoint, Structure::Basin];
        yield 'a river' => ['river', 10.0, 25.0, [Structure::CurrentSeam, Structure::Eddy, Structure::GravelBar], $deep];
        yield 'a pond' => ['pond', 12.0, 12.0, [Structure::Riprap, Structure::Flat], [...$deep, Structure::ChannelSwing, Structure::CreekBend]];
        yield 'a canal' => ['canal', 6.0, 6.0, [Structure::Bridge, Structure::Notch, Structure::CreekMouth], [...$deep, Structure::Flat, Structure::GravelBar]];
    }

    /**
     * @param  list<Structure>  $among
     * @param  list<Structure>  $never
     */
    #[DataProvider('waters')]
    public function test_fish_are_sought_where_such_water_has_a_place(string $kind, float $bass, float $others, array $among, array $never): void
    {
        foreach (Species::cases() as $species) {
            foreach (['2026-01-18' => 40, '2026-04-14' => 58, '2026-07-18' => 78, '2026-10-20' => 60] as $date => $tempF) {
                $stand = self::stand(['species' => $species->value, 'date' => $date, 'waterbody' => $kind, 'water' => ['temp_f' => $tempF]]);
                $what = "{$species->value}, {$date}";
                self::assertLessThanOrEqual($species->isBass() ? $bass : $others, $stand->deepFt, $what);
                self::assertLessThan($stand->deepFt, $stand->shallowFt, $what);
                self::assertSame([], array_values(array_uintersect($never, $stand->structures, self::order(...))), $what);
                self::assertSame([], array_values(array_udiff($among, $stand->structures, self::order(...))), $what);
            }
        }
    }

    public function test_a_reservoir_keeps_its_ledges_and_a_named_place_its_depth(): void
    {
        $july = ['species' => 'largemouth_bass', 'date' => '2026-07-18', 'water' => ['temp_f' => 84]];
        self::assertContains(Structure::Ledge, self::stand($july + ['waterbody' => 'reservoir'])->structures);
        $named = self::stand($july + ['waterbody' => 'river', 'spot' => ['structure' => 'ledge', 'depth_ft' => [8, 22]]]);
        self::assertGreaterThan(12, $named->deepFt, 'a dammed river');
        self::assertContains(Structure::Ledge, $named->structures);
    }

    private static function order(Structure $a, Structure $b): int
    {
        return $a->value <=> $b->value;
    }

    /** @param  array<string, mixed>  $conditions */
    private static function stand(array $conditions): Stand
    {
        return WaterReader::read(Settler::settle(ConditionsReader::read($conditions + ['lat' => 37.0, 'lon' => -85.0])))->stand;
    }
}
