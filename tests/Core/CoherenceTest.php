<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Choice\Lineup\TrialOrders;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Where\Docks\Aim;
use OldEddy\Where\Docks\DockMark;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockReader;
use PHPUnit\Framework\TestCase;

/** One rule says one thing wherever it speaks: in the reading, in the lineup, at the dock, on the shade line. */
final class CoherenceTest extends TestCase
{
    use Days;

    /** S11: what the reading says of a floating dock, the lineup favors and the dock reader marks. */
    public function test_a_floating_dock_is_the_same_dock_to_reading_lineup_and_dock_reader(): void
    {
        foreach ([3, 4.9, 5, 5.5, 6, 6.1, 9, 14, 15, 25] as $depth) {
            $reading = self::reading(self::dock('floating', $depth));
            $said = self::said($reading, 'S11');
            $favored = self::favoredBy($reading, 'dock');
            $mark = DockReader::read(new DockPlan('D', DockKind::Floating, $depth, $depth), $reading->day)[0];
            if ($depth < 5) {
                self::assertStringContainsString('on the bottom', $said);
                self::assertSame(Column::Bottom, $reading->stand->column);
                self::assertSame([], array_diff($favored, array_keys(Catalog::doing(Job::DockBottom))));
                self::assertFalse($mark->suspended);
            } elseif ($depth > 6) {
                self::assertStringContainsString('suspended under the floats', $said);
                self::assertSame(Column::Suspended, $reading->stand->column);
                self::assertSame([], array_diff($favored, array_keys(Catalog::doing(Job::DockFloats)), array_keys(Catalog::doing(Job::DockDeep))));
                self::assertTrue($mark->suspended);
            } else {
                self::assertStringContainsString('try both', $said);
                self::assertSame([], $favored);
            }
        }
    }

    /** S12: posts deeper than the rule allows are said to be so by both. */
    public function test_deep_posts_are_deep_to_reading_and_dock_reader(): void
    {
        foreach ([4, 6, 6.5, 10] as $depth) {
            $reading = self::reading(self::dock('piling', $depth));
            $marks = DockReader::read(new DockPlan('P', DockKind::Piling, $depth, $depth), $reading->day);
            self::assertSame($depth > 6, str_contains(self::said($reading, 'S12'), 'go to a shallower one'), "{$depth} ft");
            self::assertSame(
                $depth > 6,
                str_contains(implode(' ', array_map(static fn (DockMark $m): string => (string) $m->text, $marks)), 'its shallower part is better'),
                "{$depth} ft",
            );
        }
    }

    /** S14: water around a dock is cast at exactly where the reading says so. */
    public function test_fish_hang_off_a_dock_in_the_same_water_for_all(): void
    {
        foreach ([2, 4.9, 5.2, 5.5, 5.6, 9] as $visibility) {
            $reading = self::reading(['water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility] + self::dock('floating', 8));
            $aims = array_map(static fn (DockMark $m): Aim => $m->part, DockReader::read(new DockPlan('D', DockKind::Floating, 4, 8), $reading->day));
            self::assertSame(self::said($reading, 'S14') !== '', in_array(Aim::Around, $aims, true), "{$visibility} ft");
        }
    }

    /** L6 and S21: the shade line is cut at one visibility for where fish sit and for what is shown them. */
    public function test_the_shade_line_is_one_line(): void
    {
        foreach ([0.8, 1.4, 1.5, 3, 4, 4.1, 8] as $visibility) {
            $reading = self::reading([
                'date' => '2026-07-10', 'water.temp_f' => 80, 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility,
                'weather.sky' => 'clear', 'weather.wind_mph' => 5,
                'spot' => ['structure' => 'point', 'depth_ft' => [1, 10], 'shaded' => true, 'shade_width_ft' => 8],
            ]);
            $orders = array_map(static fn ($o): string => $o->where, TrialOrders::of($reading));
            [$words, $job, $where] = match (true) {
                $visibility < 1.5 => ['off the bank', Job::ShadeMurk, 'along the shade in murk'],
                $visibility <= 4 => ['They sit in', Job::ShadeStain, 'on the shade line'],
                default => ['suspend on the outer edge', Job::ShadeClear, null],
            };
            self::assertStringContainsString($words, self::said($reading, 'S21'), "{$visibility} ft");
            self::assertSame($where === null, ! in_array($where, $orders, true), "{$visibility} ft");
            self::assertSame([], array_diff(self::favoredBy($reading, 'place'), array_keys(Catalog::doing($job))), "{$visibility} ft");
        }
    }

    /** W17: wind, clouds and murk together put the spinnerbait forward exactly where the reading says so. */
    public function test_wind_clouds_and_murk_come_together_for_reading_and_lineup(): void
    {
        foreach ([[7, 'overcast', 3], [8, 'overcast', 3.9], [8, 'overcast', 4], [12, 'clear', 3]] as [$wind, $sky, $visibility]) {
            $reading = self::reading(
                ['weather.wind_mph' => $wind, 'weather.sky' => $sky, 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility],
            );
            $together = str_contains(self::said($reading, 'W17'), 'together');
            $effect = array_column(self::effects($reading, 'spinnerbait'), 'effect', 'factor')['wind'] ?? 1.0;
            self::assertSame($together, $effect > 1.351, "{$wind} mph, {$sky}, {$visibility} ft");
        }
    }

    /** @return array<string, mixed> */
    private static function dock(string $kind, float $depth): array
    {
        return [
            'date' => '2026-07-10',
            'water.temp_f' => 80,
            'weather.sky' => 'overcast',
            'spot' => ['structure' => 'dock', 'depth_ft' => [0, $depth], 'dock' => ['kind' => $kind, 'depth_ft' => $depth]],
        ];
    }

    /** @return list<string> the lures that a factor speaks for */
    private static function favoredBy(Reading $reading, string $factor): array
    {
        $favored = [];
        foreach (LureRanking::of($reading)->scored as $scored) {
            if ((array_column($scored->effects(), 'effect', 'factor')[$factor] ?? 1.0) > 1.25) {
                $favored[] = $scored->lure->key;
            }
        }

        return $favored;
    }

    /** @return list<\OldEddy\Choice\Lineup\Effect> */
    private static function effects(Reading $reading, string $lure): array
    {
        foreach (LureRanking::of($reading)->scored as $scored) {
            if ($scored->lure->key === $lure) {
                return $scored->effects();
            }
        }

        return [];
    }
}
