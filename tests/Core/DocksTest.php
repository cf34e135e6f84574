<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Where\Docks\Aim;
use OldEddy\Where\Docks\DockMark;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockReader;
use OldEddy\Where\Docks\DockRow;
use OldEddy\Where\Docks\Extra;
use PHPUnit\Framework\TestCase;

/** What is on a dock and beside it, and what it is worth. Common practice, no source: rules S10, S13, S16 and S18. */
final class DocksTest extends TestCase
{
    use Days;

    /** S10: every part has its place in the order, and rod holders or lights mean planted brush outside. */
    public function test_each_part_of_a_dock_is_a_mark_of_its_own(): void
    {
        $aims = self::aims(self::marks(new DockPlan('D', DockKind::Floating, 3, 9)));
        self::assertSame([], array_diff(['walkway', 'inside corner', 'inside end', 'slip', 'floats', 'outside posts'], $aims));
        foreach ([Extra::RodHolders, Extra::Lights] as $extra) {
            $mark = self::of(self::marks(new DockPlan('D', DockKind::Floating, 3, 9, 15, [$extra])), Aim::PlantedBrush);
            self::assertNotNull($mark);
            self::assertSame(9.0, $mark->waterFt, 'usually outside');
        }
    }

    public function test_every_extra_is_aimed_at(): void
    {
        $without = count(self::marks(new DockPlan('D', DockKind::Piling, 3, 9)));
        foreach (Extra::cases() as $extra) {
            self::assertCount($without + 1, self::marks(new DockPlan('D', DockKind::Piling, 3, 9, 15, [$extra])), $extra->value);
        }
    }

    /** S13: a long walkway is a shallow dock of its own, and super-shallow docks hold big fish in the shade. */
    public function test_a_long_walkway_and_very_shallow_water_are_worth_more(): void
    {
        $walkway = static fn (float $long, float $inside, string $sky = 'overcast'): float => self::of(
            self::marks(new DockPlan('D', DockKind::Floating, $inside, 9, $long), $sky),
            Aim::Walkway,
        )->worth ?? 0.0;
        self::assertGreaterThan($walkway(29, 4), $walkway(30, 4));
        self::assertGreaterThan($walkway(15, 3, 'clear'), $walkway(15, 2, 'clear'));
        self::assertSame($walkway(15, 3), $walkway(15, 2), 'under clouds there is no shade to hold them');
    }

    /** S18: what everyone else leaves alone holds the best fish. */
    public function test_the_tangle_comes_first(): void
    {
        self::assertSame(Aim::Tangle, self::marks(new DockPlan('D', DockKind::Piling, 3, 9, 15, [Extra::Tangle, Extra::Ladder, Extra::Lift]))[0]->part);
    }

    /** S16: a change of the bank lifts a dock over its neighbours. */
    public function test_the_dock_where_the_bank_changes_is_the_best_of_its_row(): void
    {
        $row = DockRow::ranked(
            [
                new DockPlan('A', DockKind::Floating, 3, 9),
                new DockPlan('B', DockKind::Floating, 3, 9, 15, [Extra::RockTransition]),
                new DockPlan('C', DockKind::Floating, 3, 9),
            ],
            self::summer(),
        );
        self::assertSame('B', $row[0]['dock']->name);
        foreach (Extra::cases() as $extra) {
            self::assertSame(str_contains('rock_transition steep_to_flat stump cut_behind ramp_beside', $extra->value), $extra->changesBank(), $extra->value);
        }
    }

    /** W12: the level moves every depth of a dock, and one without water is none. */
    public function test_a_dock_follows_the_level(): void
    {
        $low = (new DockPlan('D', DockKind::Piling, 3, 9))->atLevel(-2.0);
        self::assertSame([1.0, 7.0], [$low?->insideFt, $low?->outsideFt]);
    }

    private static function summer(string $sky = 'overcast'): Settled
    {
        return self::reading(
            ['date' => '2026-07-10', 'water.temp_f' => 80, 'weather.sky' => $sky, 'water.visibility_ft' => 3, 'water.normal_visibility_ft' => 3],
        )->day;
    }

    /** @return non-empty-list<DockMark> */
    private static function marks(DockPlan $dock, string $sky = 'overcast'): array
    {
        return DockReader::read($dock, self::summer($sky));
    }

    /**
     * @param  list<DockMark>  $marks
     * @return list<string>
     */
    private static function aims(array $marks): array
    {
        return array_map(static fn (DockMark $m): string => $m->part->words(), $marks);
    }

    /** @param  list<DockMark>  $marks */
    private static function of(array $marks, Aim $aim): ?DockMark
    {
        foreach ($marks as $mark) {
            if ($mark->part === $aim) {
                return $mark;
            }
        }

        return null;
    }
}
