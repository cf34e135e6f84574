<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Presentation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** R22: lure, color, weight, length, retrieve and running depth are one thing in the hand, and each can be changed alone. */
final class PresentationTest extends TestCase
{
    public function test_each_part_is_a_level_of_its_own_factor(): void
    {
        self::assertSame(
            ['depth' => '4-6 ft', 'speed' => 'medium', 'retrieve' => 'medium', 'lure' => 'spinnerbait', 'size' => '4 in', 'weight' => '0.5 oz', 'color' => 'bright'],
            self::spinnerbait()->levels(),
        );
        self::assertSame(['speed' => 'slow', 'retrieve' => 'crawl', 'lure' => 'tube', 'color' => 'perch'], (new Presentation('tube', 'perch', 'crawl', 0.4))->levels());
    }

    public function test_a_stint_fished_with_it_has_the_same_levels(): void
    {
        $shown = self::spinnerbait();
        $stint = new Stint('2026-05-02T08:00', $shown->levels(), $shown->depthFt, 10, null, [], 9.0, $shown->weightOz, $shown->lengthIn);
        self::assertSame($shown->levels() + ['water_depth' => '8-10 ft'], array_diff_key($stint->levels, ['water_depth' => 1]) + ['water_depth' => '8-10 ft']);
        self::assertSame('8-10 ft', $stint->levels['water_depth'], 'the water is not where the lure runs (D12)');
    }

    #[DataProvider('changes')]
    public function test_a_change_is_named_by_the_part_that_comes_first_in_the_order_of_changes(Presentation $to, Action $named): void
    {
        self::assertSame($named, self::spinnerbait()->changedTo($to));
    }

    /** @return iterable<string, array{Presentation, Action}> */
    public static function changes(): iterable
    {
        yield 'another lure' => [new Presentation('tube', 'perch', 'crawl', 0.4), Action::ChangeLure];
        yield 'deeper' => [self::spinnerbait(depthFt: 9.0), Action::ChangeDepth];
        yield 'slower' => [self::spinnerbait(retrieve: 'slow_roll', pace: 1.2), Action::SlowDown];
        yield 'lighter' => [self::spinnerbait(weightOz: 0.375), Action::Downsize];
        yield 'shorter' => [self::spinnerbait(lengthIn: 3.0), Action::Downsize];
        yield 'another color' => [self::spinnerbait(color: 'white'), Action::ChangeColor];
        yield 'lighter and another color' => [self::spinnerbait(color: 'white', weightOz: 0.25), Action::Downsize];
        yield 'within the same span of depth' => [self::spinnerbait(color: 'white', depthFt: 5.0), Action::ChangeColor];
    }

    public function test_the_cast_is_a_part_as_well(): void
    {
        $along = new Presentation('spinnerbait', 'bright', 'medium', 2.5, cast: 'parallel');
        $long = new Presentation('spinnerbait', 'bright', 'medium', 2.5, cast: 'long');
        self::assertSame('parallel', $along->levels()['cast']);
        self::assertSame('spinnerbait long cast', (string) $long->words($along));
        $stint = new Stint('2026-05-02T08:00', $along->levels(), null, 1, null, []);
        self::assertSame('parallel', $stint->levels['cast']);
        self::assertArrayNotHasKey('cast', (new Presentation('tube', 'perch', 'crawl', 0.4))->levels(), 'nobody said');
    }

    public function test_it_is_said_short_of_what_stays_as_it_is(): void
    {
        $now = self::spinnerbait();
        self::assertSame('spinnerbait in bright, medium', (string) $now->words());
        self::assertSame('spinnerbait 0.375 oz', (string) self::spinnerbait(weightOz: 0.375)->words($now));
        self::assertSame('spinnerbait in white, slow roll, 9 ft down', (string) self::spinnerbait('white', 'slow_roll', 1.2, depthFt: 9.0)->words($now));
        self::assertSame('spinnerbait', (string) $now->words($now));
        self::assertSame('tube in perch, crawl', (string) (new Presentation('tube', 'perch', 'crawl', 0.4, weightOz: 0.25))->words($now));
    }

    public function test_what_a_stint_showed_is_found_part_by_part(): void
    {
        $rods = [self::spinnerbait('white'), self::spinnerbait(weightOz: 0.375), self::spinnerbait(), new Presentation('tube', 'perch', 'crawl', 0.4)];
        $choices = new Choices([], $rods);
        $stint = static fn (array $levels, ?float $oz = null): Stint => new Stint('2026-05-02T08:00', $levels, null, 1, null, [], weightOz: $oz);
        self::assertSame($rods[2], $choices->presentation($stint(['lure' => 'spinnerbait', 'color' => 'bright', 'retrieve' => 'medium'], 0.5)));
        self::assertSame($rods[1], $choices->presentation($stint(['lure' => 'spinnerbait', 'color' => 'bright', 'retrieve' => 'medium'], 0.375)));
        self::assertSame($rods[0], $choices->presentation($stint(['lure' => 'spinnerbait', 'color' => 'white', 'retrieve' => 'burn'], 0.375)), 'color outweighs the rest');
        self::assertSame($rods[3], $choices->presentation($stint(['lure' => 'tube', 'color' => 'black'])));
        self::assertNull($choices->presentation($stint(['lure' => 'popper'])));
    }

    private static function spinnerbait(
        string $color = 'bright', string $retrieve = 'medium', float $pace = 2.5, ?float $depthFt = 4.0, ?float $weightOz = 0.5, ?float $lengthIn = 4.0,
    ): Presentation {
        return new Presentation('spinnerbait', $color, $retrieve, $pace, false, 1.0, $depthFt, $weightOz, $lengthIn, 'r1');
    }
}
