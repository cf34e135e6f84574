<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Said;

/** A retrieve: steps that repeat, with the winding speed in feet a second and the pause in seconds, if there is one. */
final readonly class Cadence
{
    /** @param  non-empty-list<Step>  $steps */
    public function __construct(
        public string $key,
        public SpeedWord $speed,
        public float $speedFtS,
        public ?float $pauseS,
        public array $steps,
        public string|Said $text,
        public string $ruleId,
        public ?string $school = null,
    ) {
    }

    /** Its name for people. */
    public function name(): string
    {
        return str_replace('_', ' ', $this->key);
    }

    /** Seconds of one round of the steps. */
    public function seconds(): float
    {
        return array_sum(array_column($this->steps, 'seconds'));
    }

    /** Feet gained towards the angler in one round, and so, over its seconds, how fast the lure leaves a fish behind. */
    public function feetPerRound(): float
    {
        $feet = 0.0;
        foreach ($this->steps as $step) {
            $feet += $step->isStill() ? 0.0 : $step->seconds * $this->speedFtS;
        }

        return $feet;
    }

    /** Mean speed over ground with all pauses, feet a second; 0 for a lure held in place. */
    public function meanSpeedFtS(): float
    {
        return $this->feetPerRound() / $this->seconds();
    }

    /** The same at another winding speed, feet a second. */
    public function at(float $speedFtS): self
    {
        return new self($this->key, $this->speed, $speedFtS, $this->pauseS, $this->steps, $this->text, $this->ruleId, $this->school);
    }
}
