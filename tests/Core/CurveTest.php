<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Drawing\CurveDrawing;
use App\Show\RigEntry;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;

/** Two courses of a drill in one drawing, and the entry that a form carries. */
final class CurveTest extends TestCase
{
    public function test_a_course_goes_up_in_steps_and_both_share_their_scales(): void
    {
        $drawn = new CurveDrawing([[[0, 0.0], [10, 1.0], [40, 1.0]], [[0, 0.0], [20, 0.8], [30, 2.3], [80, 2.3]]]);
        self::assertSame([80, 3.0], [$drawn->casts, $drawn->most]);
        foreach ([0, 1] as $which) {
            $points = array_map(static fn (string $p): array => array_map(floatval(...), explode(',', $p)), explode(' ', $drawn->steps($which)));
            foreach (array_slice($points, 1) as $i => [$x, $y]) {
                self::assertTrue($x === $points[$i][0] || $y === $points[$i][1], 'along or up, never aslant');
                self::assertGreaterThanOrEqual($points[$i][0], $x);
                self::assertLessThanOrEqual($points[$i][1], $y, 'up is towards nothing');
            }
        }
        self::assertGreaterThan($drawn->x(10), $drawn->x(40));
        self::assertLessThan($drawn->y(0.0), $drawn->y(3.0));
        self::assertLessThanOrEqual(CurveDrawing::WIDTH, $drawn->x(80));
    }

    public function test_a_drill_without_a_cast_can_be_drawn(): void
    {
        $drawn = new CurveDrawing([[[0, 0.0]], []]);
        self::assertSame([1, 1.0], [$drawn->casts, $drawn->most]);
        self::assertSame('', $drawn->steps(1));
    }

    public function test_the_entry_of_a_form_rigs_as_the_lure_is_set_up_and_takes_off_without(): void
    {
        $setup = Setup::of(Catalog::get('swim_jig'), WaterReader::read(Settler::settle(ConditionsReader::read(['species' => 'largemouth_bass', 'date' => '2026-06-10']))));
        $on = json_decode(RigEntry::of($setup->lure, 'white', $setup), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['rig', 'swim_jig', 'white', $setup->cadence->key], [$on['kind'], $on['lure'], $on['color'], $on['retrieve']]);
        self::assertEqualsWithDelta([$setup->depthFt, $setup->spec->weightOz, $setup->spec->lengthIn], [$on['depth_ft'], $on['weight_oz'], $on['length_in']], 1e-9);
        self::assertSame($setup->castKind, $on['cast_kind'], 'as the rack has it with signal');
        self::assertSame(['kind' => 'rig', 'lure' => 'swim_jig', 'color' => 'white'], json_decode(RigEntry::of($setup->lure, 'white', null), true, flags: JSON_THROW_ON_ERROR));
    }
}
