<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Season\Species;
use OldEddy\Reading\Reading;

/** How usual the lure is for the species. Basis: rule FAMILIES, factors our own. */
final readonly class SpeciesFactor implements Factor
{
    private function __construct(private Species $species)
    {
    }

    public static function on(Reading $reading): self
    {
        return new self($reading->day->species);
    }

    public function number(LureFamily $lure): float
    {
        return $lure->habitat->suits($this->species);
    }

    public function effect(LureFamily $lure): Effect
    {
        $fit = $this->number($lure);

        return new Effect('species', $fit, match (true) {
            $fit >= 1.1 => 'A first choice for ',
            $fit >= 0.9 => 'Usual for ',
            default => 'Not much used for ',
        }.$this->species->words().'.', 'FAMILIES');
    }
}
