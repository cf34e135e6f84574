<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Line;
use PHPUnit\Framework\TestCase;

/** One line through points serves the trend of own days and the outlook of a stage. */
final class LineTest extends TestCase
{
    public function test_it_goes_through_points_that_lie_on_it(): void
    {
        self::assertEqualsWithDelta(-0.75, Line::slope([[-4.0, 63.0], [-2.0, 61.5], [0.0, 60.0]]), 1e-12);
    }

    /** Least squares of four points, worked by hand: 7 / 5. */
    public function test_it_lies_nearest_to_points_that_do_not(): void
    {
        self::assertEqualsWithDelta(1.4, Line::slope([[1.0, 6.0], [2.0, 5.0], [3.0, 7.0], [4.0, 10.0]]), 1e-12);
    }

    public function test_points_of_one_day_have_no_slope(): void
    {
        self::assertNull(Line::slope([[0.0, 60.0], [0.0, 62.0]]));
        self::assertNull(Line::slope([]));
    }
}
