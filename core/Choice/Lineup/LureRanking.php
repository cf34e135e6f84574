<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Factors\ActionFactor;
use OldEddy\Choice\Lineup\Factors\ClarityFactor;
use OldEddy\Choice\Lineup\Factors\ColumnFactor;
use OldEddy\Choice\Lineup\Factors\CoverFactor;
use OldEddy\Choice\Lineup\Factors\CurrentFactor;
use OldEddy\Choice\Lineup\Factors\DepthFactor;
use OldEddy\Choice\Lineup\Factors\DockFactor;
use OldEddy\Choice\Lineup\Factors\ForageFactor;
use OldEddy\Choice\Lineup\Factors\FrontFactor;
use OldEddy\Choice\Lineup\Factors\LightFactor;
use OldEddy\Choice\Lineup\Factors\ObservedFactor;
use OldEddy\Choice\Lineup\Factors\PaceFactor;
use OldEddy\Choice\Lineup\Factors\SchoolFactor;
use OldEddy\Choice\Lineup\Factors\SeasonFactor;
use OldEddy\Choice\Lineup\Factors\SizeFactor;
use OldEddy\Choice\Lineup\Factors\SoundFactor;
use OldEddy\Choice\Lineup\Factors\SpeciesFactor;
use OldEddy\Choice\Lineup\Factors\SpotFactor;
use OldEddy\Choice\Lineup\Factors\StructureFactor;
use OldEddy\Choice\Lineup\Factors\TrollFactor;
use OldEddy\Choice\Lineup\Factors\WindFactor;
use OldEddy\Choice\Lineup\Factors\WinterFactor;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/**
 * Every lure that is possible today, best first, and every lure that is not, with the reason. The score is the product
 * of explained factors, put in the order of the ladders between near neighbours. Basis: rule SCORE, our own choice.
 */
final readonly class LureRanking
{
    private const START = 0.35;

    private const MOST = 0.95;

    /** Members of a ladder must at least fit cover and depth to take part in it. */
    private const FITS_COVER = 0.7;

    private const FITS_DEPTH = 0.5;

    /** Each rung stands at least so far under the one above. */
    private const RUNG = 0.97;

    /** How many stay when nothing fits: there is no plan without a lure. */
    private const LAST_RESORT = 3;

    /**
     * @param  non-empty-list<Scored>  $scored  best first
     * @param  list<RuledOut>  $ruledOut
     */
    private function __construct(public array $scored, public array $ruledOut)
    {
    }

    /** The ranking for a reading. */
    public static function of(Reading $reading): self
    {
        $scored = [];
        $out = [];
        $spare = [];
        foreach (Catalog::all() as $key => $lure) {
            $exclusion = Exclusions::of($lure, $reading);
            if ($exclusion === null) {
                $scored[$key] = new Scored($lure, self::effects($lure, $reading));
            } else {
                $out[$key] = $exclusion;
                if ($reading->day->owned === null || in_array($key, $reading->day->owned, true)) {
                    $spare[$key] = $lure;
                }
            }
        }
        if ($scored === []) {
            foreach ($spare as $key => $lure) {
                $scored[$key] = (new Scored($lure, self::effects($lure, $reading)))->with(new Effect('last resort', 0.5, Said::joined('Nothing in reach fits: the least bad. ', $out[$key]->why), $out[$key]->ruleId));
            }
            $scored = array_slice(self::sorted($scored), 0, self::LAST_RESORT, true);
            $out = array_diff_key($out, $scored);
        }
        foreach (TrialOrders::of($reading) as $ladder) {
            $scored = self::climb($scored, $ladder);
        }
        /** @var non-empty-list<Scored> $best */
        $best = array_values(self::sorted(self::scaled($scored)));

        return new self($best, array_values($out));
    }

    /** The lure that stands first. */
    public function first(): string
    {
        return $this->scored[0]->lure->key;
    }

    /** @return list<Effect> */
    private static function effects(LureFamily $lure, Reading $reading): array
    {
        static $factors = null;
        $factors ??= [
            new SpeciesFactor, new SeasonFactor, new DepthFactor, new ColumnFactor, new CoverFactor, new StructureFactor,
            new ClarityFactor, new PaceFactor, new FrontFactor, new WindFactor, new LightFactor, new SpotFactor,
            new DockFactor, new CurrentFactor, new ForageFactor, new ObservedFactor, new SizeFactor, new ActionFactor,
            new SoundFactor, new SchoolFactor, new WinterFactor, new TrollFactor,
        ];
        $effects = [new Effect('start', self::START, 'Every lure starts alike.', 'SCORE')];
        foreach ($factors as $factor) {
            $effect = $factor->weigh($lure, $reading);
            if ($effect !== null && $effect->speaks()) {
                $effects[] = $effect;
            }
        }

        return $effects;
    }

    /**
     * Puts the members of a ladder that fit the place into its order: they share out the scores they have.
     *
     * @param  array<string, Scored>  $scored
     * @return array<string, Scored>
     */
    private static function climb(array $scored, TrialOrder $ladder): array
    {
        $members = array_values(array_filter($ladder->order, static fn (string $key): bool => isset($scored[$key])
            && $scored[$key]->effectOf('cover') >= self::FITS_COVER && $scored[$key]->effectOf('depth') >= self::FITS_DEPTH));
        $scores = array_map(static fn (string $key): float => $scored[$key]->score, $members);
        rsort($scores);
        $ceiling = INF;
        foreach ($members as $i => $key) {
            $target = min($scores[$i], $ceiling);
            $ceiling = $target * self::RUNG;
            $effect = new Effect('ladder', $target / $scored[$key]->score, $i === 0
                ? "First in the order of trial {$ladder->where}."
                : 'Tried after '.str_replace('_', ' ', $members[$i - 1])." {$ladder->where}.", $ladder->ruleId);
            if ($effect->speaks()) {
                $scored[$key] = $scored[$key]->with($effect);
            }
        }

        return $scored;
    }

    /**
     * @param  array<string, Scored>  $scored
     * @return array<string, Scored>
     */
    private static function scaled(array $scored): array
    {
        $best = max(array_map(static fn (Scored $s): float => $s->score, $scored));
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
        uasort($scored, static fn (Scored $a, Scored $b): int => $b->score <=> $a->score ?: $a->lure->key <=> $b->lure->key);

        return $scored;
    }
}
