<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Choice\Lineup\Rods;
use OldEddy\Choice\Lineup\Scored;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Sun\SunPosition;
use OldEddy\Reading\Sides;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;

/** RAMP: every input is walked in small steps over days that nobody chose; no score jumps, no lure leaps. */
final class NoCliffsTest extends TestCase
{
    use AnyDay;

    private const DAYS = 300;

    private const STEPS = 24;

    /** A step may change a score by so much of the scale, and a lure's place by so many. */
    private const MOST_JUMP = 0.095;

    private const MOST_RANKS = 3;

    /** @var array<string, array{float, float, float}> input => [least, most, step]; the step of visibility is a share of it */
    private const WALKS = [
        'tempF' => [34.0, 92.0, 0.05], 'visibilityFt' => [0.3, 15.0, 0.005], 'windMph' => [0.0, 25.0, 0.05],
        'levelChangeFtPerWeek' => [-2.0, 2.0, 0.02], 'sunElevationDeg' => [-12.0, 50.0, 0.1],
    ];

    public function test_no_step_of_the_water_or_the_sky_turns_the_order_over(): void
    {
        $inputs = array_keys(self::WALKS);
        $borders = require __DIR__.'/../../core/Reading/borders.php';
        $moved = 0;
        for ($seed = 1; $seed <= self::DAYS; $seed++) {
            $day = Settler::settle(ConditionsReader::read(self::anyDay($seed)));
            $input = $inputs[$seed % count($inputs)];
            [$least, $most, $step] = self::WALKS[$input];
            // Every other walk crosses a border that is known, the others begin anywhere.
            $at = $borders[$input][1];
            $from = $seed % 2 === 0 ? $at[intdiv($seed, 10) % count($at)] * ($input === 'visibilityFt' ? 0.9 : 1) : $least + ($most - $least) * fmod($seed * 0.618034, 1.0);
            $x = $input === 'visibilityFt' || $seed % 2 === 1 ? $from : $from - self::STEPS / 2 * $step;
            $before = null;
            for ($i = 0; $i < self::STEPS; $i++) {
                $now = self::scores($day, $input, $x);
                if (($before ?? []) !== [] && $now !== []) {
                    $moved += $now === $before ? 0 : 1;
                    self::compare($before, $now, sprintf('day %d, %s at %.3f', $seed, $input, $x));
                }
                $before = $now;
                $x += $input === 'visibilityFt' ? $step * $x : $step;
            }
        }
        self::assertGreaterThan(self::DAYS * self::STEPS / 4, $moved, 'the walks move what they walk over');
    }

    public function test_either_side_of_a_border_has_its_share(): void
    {
        $day = Settler::settle(ConditionsReader::read(['species' => 'largemouth_bass', 'date' => '2026-05-01', 'water' => ['temp_f' => 63, 'visibility_ft' => 2.4]]));
        self::assertSame([], Sides::of($day), 'away from every border a day is itself');
        foreach ([[64.75, 0.25], [65.0, 0.5], [65.25, 0.75]] as [$temp, $above]) {
            [[$low, $under], [$high, $over]] = Sides::of($day->with(['tempF' => $temp]));
            self::assertSame([64.5, 65.5], [$low->tempF, $high->tempF]);
            self::assertEqualsWithDelta([1 - $above, $above], [$under, $over], 1e-9, "{$temp} °F");
        }
        $corner = Sides::of($day->with(['tempF' => 65.2, 'windMph' => 8.1]));
        self::assertCount(4, $corner);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($corner, 1)), 1e-9);
    }

    /** @return array<string, float> */
    private static function scores(Settled $day, string $input, float $x): array
    {
        $changes = [$input => $x] + ($input === 'sunElevationDeg' ? ['lowLight' => $x < SunPosition::LOW_DEG] : []);
        $ranking = LureRanking::of(WaterReader::read($day->with($changes)));

        // Where nothing fits there is no order, only the least bad.
        return $ranking->isLastResort() ? [] : array_column(array_map(static fn (Scored $s): array => [$s->lure->key, $s->score], $ranking->scored), 1, 0);
    }

    /**
     * @param  array<string, float>  $before
     * @param  array<string, float>  $now
     */
    private static function compare(array $before, array $now, string $where): void
    {
        [$was, $is] = [array_flip(array_keys($before)), array_flip(array_keys($now))];
        // What stands under half of the best gets no rod (L22), and stands in any order.
        $choice = Rods::FLOOR * max($now);
        foreach ($before + $now as $lure => $one) {
            [$from, $to] = [$before[$lure] ?? 0.0, $now[$lure] ?? 0.0];
            self::assertLessThan(self::MOST_JUMP, abs($from - $to), "{$where}: {$lure} from {$from} to {$to}");
            if (min($from, $to) > $choice) {
                self::assertLessThanOrEqual(self::MOST_RANKS, abs($was[$lure] - $is[$lure]), "{$where}: {$lure} leaps from {$was[$lure]} to {$is[$lure]}");
            }
        }
    }
}
