<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Day\Season\Stage;

/** Where in the year a family belongs: the water it works in, °F, and the stages it suits. */
final readonly class YearSpan
{
    /** What is left of it at the very ends of its span. */
    private const AT_THE_ENDS = 0.3;

    /**
     * @param  float  $fromF  under it the family is given up; $goodFromF to $goodToF: at its best; $toF: over it given up
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

    /** 1 inside the good span, falling to 0.3 at its ends and on to 0.05 beyond. Basis: rule FAMILIES, the slope our own. */
    public function warmth(float $tempF): float
    {
        $share = match (true) {
            $tempF < $this->goodFromF => ($tempF - $this->fromF) / ($this->goodFromF - $this->fromF),
            $tempF > $this->goodToF => ($this->toF - $tempF) / ($this->toF - $this->goodToF),
            default => 1.0,
        };

        return $share >= 0 ? self::AT_THE_ENDS + (1 - self::AT_THE_ENDS) * $share : max(0.05, self::AT_THE_ENDS + 0.1 * $share);
    }

    /** How well it suits a stage: a factor. */
    public function at(Stage $stage): float
    {
        return $this->stages[$stage->value] ?? 1.0;
    }
}
