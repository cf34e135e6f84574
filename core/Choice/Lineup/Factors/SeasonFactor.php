<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** Temperature and stage: where in the year the lure belongs. Basis: rules FAMILIES and L7, factors our own. */
final readonly class SeasonFactor implements Factor
{
    private function __construct(private float $tempF, private Stage $stage)
    {
    }

    public static function on(Reading $reading): self
    {
        return new self($reading->day->tempF, $reading->stage->stage);
    }

    public function number(LureFamily $lure): float
    {
        return $lure->year->warmth($this->tempF) * $lure->year->at($this->stage);
    }

    public function effect(LureFamily $lure): Effect
    {
        $stage = $lure->year->at($this->stage);
        $text = match (true) {
            $lure->year->warmth($this->tempF) < 0.9 => Said::of(
                '{%.0f °F} is %s its best span of {%.0f-%.0f °F}.',
                $this->tempF, $this->tempF < $lure->year->goodFromF ? 'under' : 'over', $lure->year->goodFromF, $lure->year->goodToF,
            ),
            $stage > 1 => 'One for the '.$this->stage->words().'.',
            $stage < 1 => 'Not at its best in '.$this->stage->words().'.',
            default => Said::of('{%.0f °F} suits it.', $this->tempF),
        };

        return new Effect('season', $this->number($lure), $text, 'FAMILIES');
    }
}
