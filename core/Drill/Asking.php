<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Ask;
use OldEddy\Plan\WorthAsking;
use OldEddy\Reading\WaterReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whether it pays to ask what is worth most first: hidden days of which an angler knows only fish and date, answered one
 * unknown after the other until the first three lures are those of the whole truth. Basis: own choice.
 */
final class Asking
{
    /** What can be hidden, in the order of the form. */
    private const UNKNOWNS = [
        'water.temp_f' => [44, 52, 60, 68, 76, 84], 'water.visibility_ft' => [0.7, 2, 4, 8, 12], 'water.level_change_ft_per_week' => [0, 0, 0, 1.5, -1.5],
        'weather.sky' => ['clear', 'partly', 'overcast'], 'weather.wind_mph' => [1, 5, 9, 14],
        'weather.front' => ['stable', 'stable', 'stable', 'approaching', 'post_1'],
        'spot' => [
            ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 8]],
            ['structure' => 'creek_bend', 'cover' => ['laydown'], 'depth_ft' => [2, 8]],
            ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [4, 14]], ['structure' => 'flat', 'cover' => ['lily_pads'], 'depth_ft' => [1, 4]],
            ['structure' => 'main_point', 'cover' => ['rock'], 'depth_ft' => [10, 25]],
        ],
        'forage' => [['shad'], ['crawfish'], ['bluegill']], 'pressure' => ['normal', 'normal', 'heavy'],
    ];

    private const DATES = ['2026-01-20', '2026-03-15', '2026-04-20', '2026-06-20', '2026-08-15', '2026-10-20'];

    /**
     * Mean answers until the first three lures stand, by three ways to ask: what is worth most, the form's order, by chance.
     *
     * @param  non-empty-list<int>  $seeds  of the hidden days
     * @return array{float, float, float}
     */
    public static function compared(array $seeds): array
    {
        $sums = [0, 0, 0];
        foreach ($seeds as $seed) {
            $luck = new Randomizer(new Mt19937($seed));
            $day = ['species' => 'largemouth_bass', 'date' => self::DATES[$luck->getInt(0, count(self::DATES) - 1)]];
            $truth = array_map(static fn (array $answers): mixed => $answers[$luck->getInt(0, count($answers) - 1)], self::UNKNOWNS);
            $form = array_keys(self::UNKNOWNS);
            $chance = $luck->shuffleArray($form);
            $sums[0] += self::answers($day, $truth, static fn (Settled $now, array $open): string => self::worthMost($now, $open));
            $sums[1] += self::answers($day, $truth, static fn (Settled $now, array $open): string => array_values(array_intersect($form, $open))[0]);
            $sums[2] += self::answers($day, $truth, static fn (Settled $now, array $open): string => array_values(array_intersect($chance, $open))[0]);
        }

        return array_map(static fn (int $sum): float => $sum / count($seeds), $sums);
    }

    /**
     * @param  array<string, mixed>  $day
     * @param  array<string, mixed>  $truth
     * @param  callable(Settled, non-empty-list<string>): string  $next
     */
    private static function answers(array $day, array $truth, callable $next): int
    {
        $whole = $day;
        foreach ($truth as $path => $answer) {
            $whole = self::with($whole, $path, $answer);
        }
        $wanted = self::first(self::settled($whole));
        for ($count = 0; $truth !== []; $count++) {
            $now = self::settled($day);
            if (self::first($now) === $wanted) {
                return $count;
            }
            $path = $next($now, array_keys($truth));
            $day = self::with($day, $path, $truth[$path]);
            unset($truth[$path]);
        }

        return $count;
    }

    /** @param  non-empty-list<string>  $open */
    private static function worthMost(Settled $now, array $open): string
    {
        $asked = array_map(static fn (Ask $a): string => $a->path, WorthAsking::of($now));

        return array_values(array_intersect($asked, $open))[0] ?? $open[0];
    }

    /** @return list<string> the first three lures, whatever their order */
    private static function first(Settled $day): array
    {
        $first = LureRanking::of(WaterReader::read($day))->best(WorthAsking::FIRST);
        sort($first);

        return $first;
    }

    /** @param  array<string, mixed>  $day */
    private static function settled(array $day): Settled
    {
        return Settler::settle(ConditionsReader::read($day));
    }

    /**
     * @param  array<string, mixed>  $day
     * @return array<string, mixed>
     */
    private static function with(array $day, string $path, mixed $answer): array
    {
        [$key, $inner] = [...explode('.', $path, 2), null];
        if ($inner === null) {
            return [$key => $answer] + $day;
        }

        return [$key => [$inner => $answer] + ($day[$key] ?? [])] + $day;
    }
}
