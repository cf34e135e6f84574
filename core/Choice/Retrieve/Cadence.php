<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Said;

/** A retrieve: steps that repeat, with the winding speed in feet a second and the pause in seconds, if there is one. */
final readonly class Cadence
{
    /** A pause from which a lure rests in a hole, and one of cold water, seconds. */
    private const RESTS_FROM_S = 20.0;

    private const COLD_FROM_S = 4.0;

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

    /**
     * The most seconds that one cast is worked so: wound ones up to 34, twitched ones 50, hopped, lifted and dragged ones 90, and with pauses
     * as of cold water 135; jerked ones 95, what rests in holes 115; then they are wound home. Basis: rule R23, common practice.
     */
    public function mostSeconds(): float
    {
        $moves = array_map(static fn (Step $s): Motion => $s->do, $this->steps);
        $worked = [Motion::Drag, Motion::Hop, Motion::Shake];
        $lifts = array_filter($this->steps, static fn (Step $s): bool => $s->liftFt > 0 || in_array($s->do, $worked, true)) !== [];

        return match (true) {
            $this->pauseS !== null && $this->pauseS >= self::RESTS_FROM_S => 115.0,
            $lifts => $this->pauseS !== null && $this->pauseS >= self::COLD_FROM_S ? 135.0 : 90.0,
            in_array(Motion::Jerk, $moves, true) => 95.0,
            $this->pauseS === null => 34.0,
            in_array(Motion::Pop, $moves, true) && ! in_array(Motion::Wind, $moves, true) => 85.0,
            default => 50.0,
        };
    }

    /** Whether it is worked by jerks. */
    public function isJerked(): bool
    {
        return array_filter($this->steps, static fn (Step $s): bool => $s->do === Motion::Jerk && $s->liftFt === 0.0) !== [];
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
