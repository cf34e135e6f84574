<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Ramp;
use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Reading\Reading;
use OldEddy\Reading\Sides;
use OldEddy\Reading\WaterReader;

/**
 * Every lure that is possible today, best first, and every lure that is not. The score is the product of explained
 * factors, put in the order of the ladders between near neighbours. Basis: rule SCORE, our own choice.
 */
final readonly class LureRanking
{
    private const MOST = 0.95;

    /** Each rung stands at least so far under the one above. */
    private const RUNG = 0.97;

    /** How many stay when nothing fits: there is no plan without a lure. */
    private const LAST_RESORT = 3;

    private const LAST_RESORT_COSTS = 0.5;

    /** What a border leaves of a score at least. */
    private const LEAST_SHARE = 0.001;

    /** So many stand first, and are looked at for what they reach. */
    private const FIRST = 3;

    /** From this share of the first ones' score on a lure is looked at, and from the second in full (own choice). */
    private const NEAR = [0.92, 1.0];

    /** What is left of the score of a lure that hangs up, and of one that passes no fish (own choice). */
    private const SNAGS = 0.15;

    private const MISSES = 0.15;

    private const MISSING = 'On its way it passes next to no fish as they stand here.';

    /**
     * @param  non-empty-list<Scored>  $scored  best first
     * @param  array<string, Bar>  $barred  by lure
     * @param  array<string, Setup>  $setups  by lure, as far as they were looked at for what they reach
     * @param  bool  $lastResort  whether nothing fits, and these are the least bad
     */
    private function __construct(public array $scored, private array $barred, private Exclusions $exclusions, private array $setups, private bool $lastResort)
    {
    }

    /** The ranking for a reading; on a border of an answer that between its sides (RAMP). */
    public static function of(Reading $reading): self
    {
        $sides = Sides::of($reading->day);
        if ($sides === []) {
            return self::onOneSide($reading, self::FIRST);
        }
        $rankings = array_map(static fn (array $side): array => [self::onOneSide(WaterReader::read($side[0]), self::FIRST), $side[1]], $sides);
        $lastResort = array_filter($rankings, static fn (array $r): bool => $r[0]->lastResort) !== [];

        // The reasons are those of the day itself; what is unfit the sides have looked at.
        return $lastResort ? self::onOneSide($reading, self::FIRST) : self::onOneSide($reading, 0)->between($rankings);
    }

    /**
     * The ranking of a day on a border: each lure scores what it does on either side, by their shares. What one side bars fades
     * out towards it.
     *
     * @param  list<array{self, float}>  $sides  with their shares
     */
    private function between(array $sides): self
    {
        [$scores, $possible, $missing] = [[], [], []];
        foreach ($sides as [$ranking, $share]) {
            foreach ($ranking->scored as $one) {
                $scores[$one->lure->key] = ($scores[$one->lure->key] ?? 0.0) + $share * $one->score;
                $possible[$one->lure->key] = ($possible[$one->lure->key] ?? 0.0) + $share;
                $missing[$one->lure->key] = ($missing[$one->lure->key] ?? 0.0) + (self::passesNone($ranking->setup($one->lure->key)) ? $share : 0.0);
            }
        }
        [$scored, $barred] = [[], $this->barred];
        foreach ($this->scored as $one) {
            $key = $one->lure->key;
            $weight = $possible[$key] ?? 0.0;
            if ($weight <= 0.5) {
                // The day itself lets it through, the better part of what lies around does not: it passes no fish there.
                $barred[$key] = Bar::OutOfReach;

                continue;
            }
            $wanted = $scores[$key] / $weight * (2 * $weight - 1);
            $scored[$key] = $one->with(new Effect('border', max(self::LEAST_SHARE, $wanted / $one->score), 'The water stands on a border: counted from both sides.', 'RAMP'));
        }
        $scored = self::sorted($scored);
        foreach (self::beyond($scored, static fn (string $key): bool => ($missing[$key] ?? 0.0) > 0.5) as $key) {
            $barred[$key] = Bar::OutOfReach;
            unset($scored[$key]);
        }
        if ($scored === []) {
            return $this;
        }
        /** @var non-empty-list<Scored> $best */
        $best = array_values(self::scaled($scored));

        return new self($best, $barred, $this->exclusions, [], false);
    }

    private static function onOneSide(Reading $reading, int $first): self
    {
        $weighing = new Weighing($reading);
        $exclusions = new Exclusions($reading, $weighing->depth);
        $scored = [];
        $barred = [];
        foreach (Catalog::all() as $key => $lure) {
            $bar = $exclusions->bar($lure);
            if ($bar === null) {
                $scored[$key] = Scored::by($weighing, $lure);
            } else {
                $barred[$key] = $bar;
            }
        }
        $lastResort = $scored === [];
        if ($lastResort) {
            $scored = self::lastResort($exclusions, $weighing, $barred);
            $barred = array_diff_key($barred, $scored);
        }
        foreach (TrialOrders::of($reading) as $ladder) {
            $scored = self::climb($scored, $ladder, $weighing);
        }
        $setups = [];
        $reaching = self::reaching(self::sorted($scored), $reading, $first, $setups);
        foreach (self::beyond($reaching, static fn (string $key): bool => self::passesNone($setups[$key] ?? null)) as $key) {
            // Fewer than three that pass fish are a shorter list, not a longer one of what passes none (D14).
            $barred[$key] = Bar::OutOfReach;
            unset($reaching[$key]);
        }
        /** @var non-empty-list<Scored> $best */
        $best = array_values(self::scaled($reaching));

        return new self($best, $barred, $exclusions, $setups, $lastResort);
    }

    /** A lure made ready, where that was done to rank it; null for the others. */
    public function setup(string $lure): ?Setup
    {
        return $this->setups[$lure] ?? null;
    }

    /** Whether nothing fits, and what is left is the least bad. */
    public function isLastResort(): bool
    {
        return $this->lastResort;
    }

    /** The lure that stands first on the day's own side of every border: what is asked for when a whole step is weighed, not a ranking. */
    public static function firstOf(Reading $reading): string
    {
        return self::onOneSide($reading, 1)->first();
    }

    /** The lure that stands first. */
    public function first(): string
    {
        return $this->scored[0]->lure->key;
    }

    /** @return non-empty-list<string> the lures that stand first, best first: so many (1 or more), or all where fewer are possible */
    public function best(int $count): array
    {
        return array_map(static fn (Scored $s): string => $s->lure->key, array_slice($this->scored, 0, $count));
    }

    /** @return list<RuledOut> the lures that are no choice today, with the reason */
    public function ruledOut(): array
    {
        $out = [];
        foreach ($this->barred as $key => $bar) {
            $out[] = $this->exclusions->words(Catalog::get($key), $bar);
        }

        return $out;
    }

    /**
     * None of the first passes no fish or warns of itself (D14, L39): so many of the best that are fit are found, and what is not fit
     * stands behind them. What stands well under them all is not looked at.
     *
     * @param  array<string, Scored>  $scored  best first
     * @param  int  $first  so many of them; 0 where nothing is looked at
     * @param  array<string, Setup>  $setups  of those that are looked at; they are added
     * @return array<string, Scored>
     */
    private static function reaching(array $scored, Reading $reading, int $first, array &$setups): array
    {
        if ($first === 0) {
            return $scored;
        }
        $against = [];
        $fit = [];
        $bar = 0.0;
        foreach ($scored as $key => $one) {
            if ($one->score < $bar * ($first === 1 ? 1.0 : self::NEAR[0])) {
                break;
            }
            $against[$key] = self::against($setups[$key] = Setup::of($one->lure, $reading));
            $fit[] = $one->score * ($against[$key]->effect ?? 1.0);
            rsort($fit);
            $bar = $fit[$first - 1] ?? 0.0;
        }
        foreach (array_filter($against) as $key => $effect) {
            // A lure that comes near the first ones falls behind them by and by, not at once (RAMP).
            $near = $bar > 0.0 ? Ramp::up($scored[$key]->score / $bar, ...self::NEAR) : 1.0;
            $scored[$key] = $scored[$key]->with(new Effect($effect->factor, 1 - (1 - $effect->effect) * $near, $effect->text, $effect->ruleId));
        }

        return self::sorted($scored);
    }

    /** Whether a lure was looked at, and passes no fish at all. */
    private static function passesNone(?Setup $setup): bool
    {
        return $setup !== null && $setup->misses() >= 1.0;
    }

    /**
     * The lures that pass no fish at all and yet stand among the first, for want of others. How deep a towed one runs, the spread says.
     *
     * @param  array<string, Scored>  $scored  best first
     * @param  callable(string): bool  $missing  whether a lure passes none
     * @return list<string>
     */
    private static function beyond(array $scored, callable $missing): array
    {
        $passesNone = static fn (Scored $s): bool => ! $s->lure->trolled && $missing($s->lure->key);
        if (array_filter(array_slice($scored, 0, self::FIRST, true), $passesNone) === []) {
            return [];
        }
        $all = array_keys(array_filter($scored, $passesNone));

        return count($all) === count($scored) ? [] : $all;
    }

    /** What speaks against a lure as it is made ready: it warns of itself (L39), or it passes no fish (D14). */
    private static function against(Setup $setup): ?Effect
    {
        $snags = $setup->snags();
        $misses = $snags >= 1.0 ? 0.0 : $setup->misses();

        return match (true) {
            $misses > 0.0 => new Effect('reach', (1 - (1 - self::MISSES) * $misses) * (1 - (1 - self::SNAGS) * $snags), self::MISSING, 'D14'),
            $snags > 0.0 => new Effect('warning', 1 - (1 - self::SNAGS) * $snags, $setup->snagWarnings()[0] ?? 'It may hang up here.', 'L39'),
            default => null,
        };
    }

    /**
     * @param  array<string, Bar>  $barred
     * @return array<string, Scored> the least bad of what the angler has with him
     */
    private static function lastResort(Exclusions $exclusions, Weighing $weighing, array $barred): array
    {
        $scored = [];
        foreach ($barred as $key => $bar) {
            $lure = Catalog::get($key);
            if ($exclusions->isOwned($lure)) {
                $out = $exclusions->words($lure, $bar);
                $why = Said::joined('Nothing in reach fits: the least bad. ', $out->why);
                $scored[$key] = Scored::by($weighing, $lure)->with(new Effect('last resort', self::LAST_RESORT_COSTS, $why, $out->ruleId));
            }
        }

        return array_slice(self::sorted($scored), 0, self::LAST_RESORT, true);
    }

    /**
     * Puts the members of a ladder that fit the place into its order: they share out the scores they have, but none is put
     * below a lure outside the ladder that it had beaten (L21).
     *
     * @param  array<string, Scored>  $scored
     * @return array<string, Scored>
     */
    private static function climb(array $scored, TrialOrder $ladder, Weighing $weighing): array
    {
        $fits = static fn (string $key): bool => isset($scored[$key]) && $weighing->fitsPlace($scored[$key]->lure);
        $members = array_values(array_filter($ladder->order, $fits));
        foreach (self::rungs($scored, $members) as $i => $target) {
            $key = $members[$i];
            $share = Effect::heard($target / $scored[$key]->score);
            if ($share !== 1.0) {
                $scored[$key] = $scored[$key]->with(new Effect('ladder', $share, $i === 0
                    ? "First in the order of trial {$ladder->where}."
                    : 'Tried after '.str_replace('_', ' ', $members[$i - 1])." {$ladder->where}.", $ladder->ruleId));
            }
        }

        return $scored;
    }

    /**
     * The scores that the members of a ladder stand at, in its order.
     *
     * @param  array<string, Scored>  $scored
     * @param  list<string>  $members
     * @return list<float>
     */
    private static function rungs(array $scored, array $members): array
    {
        $outside = array_map(static fn (Scored $s): float => $s->score, array_diff_key($scored, array_flip($members)));
        $own = array_map(static fn (string $key): float => $scored[$key]->score, $members);
        $shared = $own;
        rsort($shared);
        $rungs = [];
        $ceiling = INF;
        foreach ($shared as $i => $score) {
            $beaten = 0.0;
            foreach ($outside as $other) {
                if ($other < $own[$i] && $other > $beaten) {
                    $beaten = $other;
                }
            }
            $ceiling = min($score, $ceiling);
            $rungs[$i] = max($ceiling, $beaten / self::RUNG ** 0.5);
            $ceiling *= self::RUNG;
        }
        // Whoever stands before another stays before it.
        for ($i = count($rungs) - 2; $i >= 0; $i--) {
            $rungs[$i] = max($rungs[$i], $rungs[$i + 1] / self::RUNG);
        }

        return $rungs;
    }

    /**
     * @param  array<string, Scored>  $scored  best first
     * @return array<string, Scored>
     */
    private static function scaled(array $scored): array
    {
        $best = $scored[array_key_first($scored) ?? '']->score ?? 0.0;
        if ($best <= self::MOST) {
            return $scored;
        }
        $scale = new Effect('scale', self::MOST / $best, 'All scores of today scaled alike.', 'SCORE');

        return array_map(static fn (Scored $s): Scored => $s->with($scale), $scored);
    }

    /**
     * @param  array<string, Scored>  $scored
     * @return array<string, Scored>
     */
    private static function sorted(array $scored): array
    {
        $order = [];
        foreach ($scored as $key => $one) {
            $order[$key] = $one->score;
        }
        // Those that score alike stand by their names.
        ksort($order);
        arsort($order);
        foreach ($order as $key => $score) {
            $order[$key] = $scored[$key];
        }

        return $order;
    }
}
