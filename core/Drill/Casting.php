<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\TimeLeft;

/** Casts made on a hidden day, one after the other: it keeps the clock, the ways and what was spent where. */
final class Casting
{
    /** Casts not made while another lure, color or weight is tied on. Basis: our own choice. */
    private const TIE = 1;

    /** Casts' time that has passed. */
    private int $clock = 0;

    private ?Offer $offer = null;

    /** @var array<string, array{float, float}> casts that still tell and the minute of the last of them, by place */
    private array $spent = [];

    public function __construct(private readonly HiddenDay $day)
    {
    }

    /** Minutes that have passed. */
    public function minute(): float
    {
        return TimeLeft::minutesOf($this->clock);
    }

    /** Goes over to an offer; the way and the knot take their time. */
    public function change(Offer $offer): void
    {
        if ($this->offer !== null) {
            $this->clock += $offer->place->name === $this->offer->place->name ? 0 : (int) round(TimeLeft::castsIn($offer->place->travelMin));
            $this->clock += $offer->presentation->levels() === $this->offer->presentation->levels() ? 0 : self::TIE;
        }
        $this->offer = $offer;
    }

    /** The next cast with an offer: what it brings, or null. */
    public function cast(Offer $offer): ?ContactKind
    {
        $this->clock++;
        $minute = $this->minute();
        [$made, $at] = $this->spent[$offer->place->name] ?? [0.0, $minute];
        $made = HiddenDay::rested($made, $minute - $at);
        $this->spent[$offer->place->name] = [$made + 1, $minute];

        return $this->day->answer($offer, $this->clock, $made);
    }
}
