<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Liked;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Stint;
use PHPUnit\Framework\TestCase;

/** Guesses at what fish like, against every guess there is, reckoned out one by one. */
final class LikedTest extends TestCase
{
    use Stints;

    /** What a liked level brings, and how likely a factor does not matter: as the drawing has it. */
    private const TIMES = 2.3;

    private const NO_MATTER = 0.4;

    public function test_guesses_come_as_often_as_the_log_makes_them_likely(): void
    {
        $log = [
            $this->of('reeds', 'hollow_frog', 30, 3), $this->of('reeds', 'spinnerbait', 12, 1), $this->of('wood', 'hollow_frog', 25, 0),
            $this->of('wood', 'tube', 20, 1), $this->of('rock', 'spinnerbait', 18, 0),
        ];
        $hand = ['cover' => ['reeds', 'wood', 'rock', 'grass_edge'], 'lure' => ['hollow_frog', 'spinnerbait', 'tube']];
        $guesses = $this->guesses($log, $hand, 6000);
        foreach ($this->exact($log, $hand) as [$factor, $level, $chance]) {
            self::assertEqualsWithDelta($chance, self::chance($guesses, $factor, $level), 0.025, "{$factor} {$level}");
        }
    }

    public function test_credit_goes_to_the_level_that_earns_it(): void
    {
        // The reeds bring more whatever is thrown; the frog was thrown in the reeds four times in five.
        $guesses = $this->guesses([
            $this->of('reeds', 'hollow_frog', 400, 64), $this->of('reeds', 'spinnerbait', 100, 16), $this->of('wood', 'hollow_frog', 100, 4),
            $this->of('wood', 'spinnerbait', 400, 16),
        ]);
        self::assertGreaterThan(0.99, self::chance($guesses, 'cover', 'reeds'));
        self::assertLessThan(0.35, self::chance($guesses, 'lure', 'hollow_frog'), 'what it caught is told by the reeds');
    }

    public function test_what_always_came_together_is_not_told_apart(): void
    {
        $guesses = $this->guesses([$this->of('reeds', 'hollow_frog', 60, 8), $this->of('wood', 'spinnerbait', 60, 0)], guesses: 600);
        self::assertEqualsWithDelta(self::chance($guesses, 'cover', 'reeds'), self::chance($guesses, 'lure', 'hollow_frog'), 0.12);
        self::assertGreaterThan(0.5, self::chance($guesses, 'cover', 'reeds'));
    }

    public function test_what_was_never_tried_may_be_liked_and_an_empty_log_has_no_opinion(): void
    {
        $hand = ['cover' => ['reeds', 'wood', 'rock', 'dock'], 'lure' => ['tube']];
        $empty = $this->guesses([], $hand);
        self::assertSame([0.0, 0.0], [self::chance($empty, 'cover', 'reeds'), self::chance($empty, 'lure', 'tube')]);
        self::assertSame([1.0], array_values(array_unique($empty->shares(['cover' => 'reeds', 'lure' => 'tube']))));
        self::assertEqualsWithDelta((new Prior)->perCast, $empty->perCast[0], 1e-12);
        $blank = $this->guesses([$this->of('reeds', 'tube', 200, 0), $this->of('wood', 'tube', 200, 0)], $hand, 2000);
        self::assertGreaterThan(self::chance($blank, 'cover', 'reeds') + 0.05, self::chance($blank, 'cover', 'rock'), 'after long blanks the untried is likelier');
    }

    public function test_a_liked_level_brings_more_and_all_levels_together_as_much_as_before(): void
    {
        $hand = ['cover' => ['reeds', 'wood', 'rock']];
        $guesses = $this->guesses([$this->of('reeds', 'tube', 100, 30), $this->of('wood', 'tube', 100, 1)], $hand);
        $each = array_map(static fn (string $cover): array => $guesses->shares(['cover' => $cover]), $hand['cover']);
        foreach (array_keys($each[0]) as $n) {
            self::assertEqualsWithDelta(3.0, $each[0][$n] + $each[1][$n] + $each[2][$n], 1e-9);
        }
        self::assertEqualsWithDelta(self::TIMES, $each[0][0] / $each[1][0], 1e-9, 'the reeds are liked for sure');
        self::assertSame($each[0], $guesses->shares(['cover' => 'reeds', 'angler' => 'Wren', 'moon' => 'full']), 'what was never varied multiplies nothing');
    }

    public function test_the_same_log_makes_the_same_guesses(): void
    {
        $log = [$this->of('reeds', 'hollow_frog', 40, 2), $this->of('wood', 'spinnerbait', 40, 1)];
        self::assertEquals($this->guesses($log), $this->guesses($log));
        $more = [$log[0], $this->of('wood', 'spinnerbait', 43, 1)];
        $alike = count(array_filter(array_map(null, $this->guesses($log)->shares(['cover' => 'wood']), $this->guesses($more)->shares(['cover' => 'wood'])), static fn (array $two): bool => $two[0] === $two[1]));
        self::assertGreaterThan(340, $alike, 'three more blank casts hardly change a guess');
        self::assertNotEquals($this->guesses($log)->perCast, $this->guesses([...$log, $this->of('wood', 'tube', 10, 1)])->perCast);
    }

    /**
     * Every combination of one liked level or none for each factor, by its likelihood under a gamma prior on the rate.
     *
     * @param  list<Stint>  $log
     * @param  array<string, list<string>>  $hand
     * @return list<array{string, string, float}> factor, level and its probability
     */
    private function exact(array $log, array $hand): array
    {
        $prior = new Prior;
        [$sum, $of] = [0.0, []];
        foreach ([null, ...$hand['cover']] as $cover) {
            foreach ([null, ...$hand['lure']] as $lure) {
                [$expected, $logs, $contacts, $chance] = [0.0, 0.0, 0.0, 1.0];
                $scale = [];
                foreach (['cover' => $cover, 'lure' => $lure] as $factor => $liked) {
                    $chance *= $liked === null ? self::NO_MATTER : 1 / count($hand[$factor]);
                    $scale[$factor] = count($hand[$factor]) / (count($hand[$factor]) - 1 + self::TIMES);
                }
                foreach ($log as $stint) {
                    $times = 1.0;
                    foreach (['cover' => $cover, 'lure' => $lure] as $factor => $liked) {
                        $times *= $liked === null ? 1.0 : $scale[$factor] * ($stint->levels[$factor] === $liked ? self::TIMES : 1.0);
                    }
                    $expected += $stint->casts * $times;
                    $logs += $stint->weight() * log($times);
                    $contacts += $stint->weight();
                }
                $weight = $chance * exp($logs - ($prior->shape() + $contacts) * log($prior->casts + $expected));
                $sum += $weight;
                foreach (['cover' => $cover, 'lure' => $lure] as $factor => $liked) {
                    $of["{$factor}/{$liked}"] = [$factor, (string) $liked, ($of["{$factor}/{$liked}"][2] ?? 0.0) + $weight];
                }
            }
        }

        return array_values(array_map(static fn (array $one): array => [$one[0], $one[1], $one[2] / $sum], array_filter($of, static fn (array $one): bool => $one[1] !== '')));
    }

    /** In what share of the guesses a level is the liked one: it alone multiplies by more than one. */
    private static function chance(Liked $guesses, string $factor, string $level): float
    {
        $shares = $guesses->shares([$factor => $level]);

        return count(array_filter($shares, static fn (float $times): bool => $times > 1)) / count($shares);
    }

    private function of(string $cover, string $lure, int $casts, int $contacts): Stint
    {
        return $this->stint(['cover' => $cover, 'lure' => $lure], $casts, array_fill(0, $contacts, 'caught'), null, 1);
    }

    /**
     * @param  list<Stint>  $log
     * @param  array<string, list<string>>  $hand
     */
    private function guesses(array $log, array $hand = [], int $guesses = 400): Liked
    {
        $stints = Evidence::weigh($log)->stints;
        $casts = array_map(static fn (Stint $s): float => $s->casts, $stints);

        return Liked::in($stints, array_fill(0, count($stints), 1.0), new Prior, $casts, $hand, guesses: $guesses);
    }
}
