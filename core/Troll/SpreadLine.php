<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\LureFamily;

/**
 * One line of a spread: where it runs, what carries it, its lure with color, length (inches) and weight (ounces), line let out (feet),
 * what it is tied to, and the points that the angler measured himself: feet let out, feet deep. Rules T1, T7.
 */
final readonly class SpreadLine
{
    /** A weight ahead of a lure is so heavy where nobody says it, ounces; it tells where a weight carries the line. Basis: own choice. */
    public const SINKER_OZ = 3.0;

    /** @param  list<array{float, float}>  $points */
    public function __construct(
        public string $key, public Side $side, public Station $station, public Carrier $carrier, public LureFamily $lure, public ColorFamily $color,
        public float $letOutFt, public float $lengthIn, public float $weightOz, public array $points = [], public LineKind $tiedTo = LineKind::USUAL,
        public float $sinkerOz = self::SINKER_OZ,
    ) {
    }

    /** Feet to the right of the boat's middle (under 0: left). */
    public function asideFt(): float
    {
        return $this->side->sign() * $this->station->asideFt($this->carrier);
    }

    /**
     * The same with some of it said otherwise.
     *
     * @param  array<string, mixed>  $changes  by the names of the fields
     */
    public function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** The same with so much line out. */
    public function letOut(float $feet): self
    {
        return $this->with(['letOutFt' => $feet]);
    }

    /** What it is called: port inside. */
    public function words(): string
    {
        return $this->side === Side::Center ? $this->station->words() : "{$this->side->words()} {$this->station->words()}";
    }
}
