<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\CoverFit;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** How the lure comes through the cover at the spot, or through the cover to look for. Basis: rules L1, L2, L4, factors our own. */
final readonly class CoverFactor implements Factor
{
    private function __construct(private CoverFit $fit, private Reading $reading, private bool $known)
    {
    }

    public static function on(Reading $reading): self
    {
        return new self(CoverFit::in($reading), $reading, $reading->day->spot->covers !== [] || $reading->day->spot->structure !== null);
    }

    public function number(LureFamily $lure): float
    {
        $fit = $this->fit->of($lure);

        return $this->known ? $fit : $fit ** 0.5;
    }

    public function effect(LureFamily $lure): Effect
    {
        $fit = $this->fit->of($lure);
        $names = implode(', ', array_map(static fn (Cover $c): string => $c === Cover::None ? 'open water' : $c->words(), $this->reading->covers));
        $snags = $lure->rigging->exposure === Exposure::Treble && $fit < CoverFit::HANGS_UP;
        $text = match (true) {
            $snags => "Will snag in {$names}.",
            $fit >= 1.2 => "Made for {$names}.",
            $fit >= 0.95 => "Comes through {$names}.",
            default => "Poor in {$names}.",
        };

        return new Effect('cover', $this->number($lure), $text, $snags ? 'L4' : ($this->reading->day->spot->hasPlants() ? 'L1' : 'L2'));
    }
}
