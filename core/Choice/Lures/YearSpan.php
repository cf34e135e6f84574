<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Day\Season\Stage;

/** Where in the year a family belongs: the water it works in, °F, and the stages it suits. */
final readonly class YearSpan
{
    /** What is left of it at the very ends of its span. */
    private const AT_THE_ENDS = 0.8;

    /** What every degree beyond takes. */
    private const BEYOND_A_DEGREE = 0.19;

    /**
     * @param  float  $fromF  from here it starts to work; $goodFromF to $goodToF: at its best; $toF: here it stops being good (L19)
     * @param  array<string, float>  $stages  factor by stage; those not named are 1
     */
    public function __construct(
        public float $fromF,
        public float $goodFromF,
        public float $goodToF,
        public float $toF,
        private array $stages,
    ) {
    }

    /**
     * 1 inside the good span, falling to 0.8 at its ends and quickly on to 0.04 beyond, where a lure is given up (Exclusions). Basis: rule L19,
     * the slopes our own.
     */
    public function warmth(float $tempF): float
    {
        $beyond = max($this->fromF - $tempF, $tempF - $this->toF);
        if ($beyond > 0) {
            return max(0.04, self::AT_THE_ENDS - self::BEYOND_A_DEGREE * $beyond);
        }
        $share = match (true) {
            $tempF < $this->goodFromF => ($tempF - $this->fromF) / ($this->goodFromF - $this->fromF),
            $tempF > $this->goodToF => ($this->toF - $tempF) / ($this->toF - $this->goodToF),
            default => 1.0,
        };

        return self::AT_THE_ENDS + (1 - self::AT_THE_ENDS) * $share;
    }

    /** How well it suits a stage: a factor. */
    public function at(Stage $stage): float
    {
        return $this->stages[$stage->value] ?? 1.0;
    }
}
