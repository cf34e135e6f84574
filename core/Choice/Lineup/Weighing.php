<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

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
use OldEddy\Choice\Lineup\Factors\OwnSuccessFactor;
use OldEddy\Choice\Lineup\Factors\PaceFactor;
use OldEddy\Choice\Lineup\Factors\SchoolFactor;
use OldEddy\Choice\Lineup\Factors\SeasonFactor;
use OldEddy\Choice\Lineup\Factors\SizeFactor;
use OldEddy\Choice\Lineup\Factors\SoundFactor;
use OldEddy\Choice\Lineup\Factors\SpeciesFactor;
use OldEddy\Choice\Lineup\Factors\SpotFactor;
use OldEddy\Choice\Lineup\Factors\StructureFactor;
use OldEddy\Choice\Lineup\Factors\TradeFactor;
use OldEddy\Choice\Lineup\Factors\TrollFactor;
use OldEddy\Choice\Lineup\Factors\WindFactor;
use OldEddy\Choice\Lineup\Factors\WinterFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\Tempo;
use OldEddy\Reading\Reading;

/** All factors of a day. A lure's score is the product of their numbers. Basis: rule SCORE, our own choice. */
final readonly class Weighing
{
    private const START = 0.35;

    /** What lures of an order of trial must at least fit of cover and depth to take part in it. */
    private const FITS_COVER = 0.7;

    private const FITS_DEPTH = 0.5;

    /** In the order in which the reasons are read. */
    private const FACTORS = [
        SpeciesFactor::class, SeasonFactor::class, DepthFactor::class, ColumnFactor::class, CoverFactor::class, StructureFactor::class,
        ClarityFactor::class, PaceFactor::class, FrontFactor::class, WindFactor::class, LightFactor::class, SpotFactor::class,
        DockFactor::class, CurrentFactor::class, ForageFactor::class, ObservedFactor::class, SizeFactor::class, ActionFactor::class,
        SoundFactor::class, SchoolFactor::class, TradeFactor::class, WinterFactor::class, TrollFactor::class, OwnSuccessFactor::class,
    ];

    /** @var list<Factor> */
    private array $factors;

    private CoverFactor $cover;

    public DepthFactor $depth;

    /** The factors of a reading. */
    public function __construct(Reading $reading)
    {
        $this->cover = CoverFactor::on($reading);
        $this->depth = DepthFactor::on($reading);
        $tempo = Tempo::of($reading);
        $factors = [];
        foreach (self::FACTORS as $factor) {
            $factors[] = match ($factor) {
                CoverFactor::class => $this->cover,
                DepthFactor::class => $this->depth,
                ColumnFactor::class => ColumnFactor::with($reading, $tempo, $this->depth),
                PaceFactor::class => PaceFactor::with($reading, $tempo),
                default => $factor::on($reading),
            };
        }
        $this->factors = array_values(array_filter($factors));
    }

    /** A lure's score before any order of trial: 0 to about 2. */
    public function score(LureFamily $lure): float
    {
        $score = self::START;
        foreach ($this->factors as $factor) {
            $number = $factor->number($lure);
            if ($number !== 1.0) {
                $score *= Effect::heard($number);
            }
        }

        return $score;
    }

    /** @return non-empty-list<Effect> what makes that score, in words */
    public function effects(LureFamily $lure): array
    {
        $effects = [new Effect('start', self::START, 'Every lure starts alike.', 'SCORE')];
        foreach ($this->factors as $factor) {
            if (Effect::heard($factor->number($lure)) !== 1.0) {
                $effects[] = $factor->effect($lure);
            }
        }

        return $effects;
    }

    /** Whether a lure fits cover and depth well enough to take its place in an order of trial. */
    public function fitsPlace(LureFamily $lure): bool
    {
        return Effect::heard($this->cover->number($lure)) >= self::FITS_COVER && Effect::heard($this->depth->number($lure)) >= self::FITS_DEPTH;
    }
}
