<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Retrieve\Pace;
use OldEddy\Log\Evidence\Effects;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Stint;
use PHPUnit\Framework\TestCase;

/** All levels weighed together; checked against known rates and against what partial pooling must do. */
final class EffectsTest extends TestCase
{
    use Stints;

    public function test_credit_goes_to_the_level_that_earns_it(): void
    {
        // The reeds bring four times as much whatever is thrown; the frog was thrown in the reeds four times in five.
        $log = [
            $this->of('reeds', 'hollow_frog', 400, 64), $this->of('reeds', 'spinnerbait', 100, 16), $this->of('wood', 'hollow_frog', 100, 4),
            $this->of('wood', 'spinnerbait', 400, 16),
        ];
        $effects = self::effects($log);
        $frog = $effects->rate(['lure' => 'hollow_frog'])->mean() / $effects->rate(['lure' => 'spinnerbait'])->mean();
        $reeds = $effects->rate(['cover' => 'reeds'])->mean() / $effects->rate(['cover' => 'wood'])->mean();
        self::assertGreaterThan(3.0, $reeds, 'drawn towards the day, as partial pooling must');
        self::assertLessThan(4.0, $reeds);
        self::assertEqualsWithDelta(1.0, $frog, 0.12);
        $alone = Evidence::weigh($log);
        self::assertGreaterThan(
            1.8,
            $alone->of('lure', 'hollow_frog')?->own->mean() / $alone->of('lure', 'spinnerbait')?->own->mean(),
            'by itself the frog looks twice as good',
        );
        self::assertEqualsWithDelta(0.16, $effects->rate(['cover' => 'reeds', 'lure' => 'spinnerbait'])->mean(), 0.03);
    }

    public function test_few_casts_say_little_and_unknown_levels_nothing(): void
    {
        $rest = $this->of('wood', 'spinnerbait', 200, 5);
        $few = self::effects([$rest, $this->of('reeds', 'spinnerbait', 5, 2)]);
        $many = self::effects([$rest, $this->of('reeds', 'spinnerbait', 100, 40)]);
        $ratio = static fn (Effects $e): float => $e->rate(['cover' => 'reeds'])->mean() / $e->perCast;
        self::assertGreaterThan(1.0, $ratio($few));
        self::assertGreaterThan($ratio($few) * 1.5, $ratio($many), 'the same rate, better known');
        self::assertEqualsWithDelta($few->perCast, $few->rate(['cover' => 'grass_edge'])->mean(), 1e-12);
        self::assertLessThan($many->rate(['cover' => 'reeds'])->shape, $many->rate(['cover' => 'grass_edge'])->shape, 'but with more doubt');
    }

    public function test_without_a_log_the_prior_speaks(): void
    {
        self::assertEqualsWithDelta(1 / 40, self::effects([])->rate(['cover' => 'reeds'])->mean(), 1e-12);
    }

    /** R15, common practice: crawl and slow roll are slow, burning is fast; the rests count. */
    public function test_a_retrieve_says_how_fast_it_is(): void
    {
        foreach ([
            'crawl_rest' => 'slow', 'slow_roll' => 'slow', 'jerk_pause' => 'slow', 'medium' => 'medium', 'wind_hit_pause' => 'medium',
            'burn_and_bulge' => 'fast', 'buzz_fast' => 'fast',
        ] as $key => $pace) {
            self::assertSame($pace, Pace::of($key)?->value, $key);
        }
        self::assertNull(Pace::of('something of my own'));
        self::assertSame('slow', $this->of('reeds', 'casting_jig', 1, 0, 'crawl_rest')->levels['speed']);
        self::assertArrayNotHasKey('speed', $this->of('reeds', 'casting_jig', 1, 0)->levels);
    }

    private function of(string $cover, string $lure, int $casts, int $contacts, ?string $retrieve = null): Stint
    {
        return $this->stint(['cover' => $cover, 'lure' => $lure, 'retrieve' => $retrieve], $casts, array_fill(0, $contacts, 'caught'), null, 1);
    }

    /**
     * The effects in stints whose casts all count, as a day's evidence weighs them.
     *
     * @param  list<Stint>  $stints
     */
    private static function effects(array $stints): Effects
    {
        $evidence = Evidence::weigh($stints);

        return Effects::of($evidence->stints, $evidence->freshness, $evidence->prior, array_map(static fn (Stint $s): float => $s->casts, $evidence->stints));
    }
}
