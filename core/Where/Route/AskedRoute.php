<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;

/** What a day's route is asked for; spots are told by their ids. */
final readonly class AskedRoute
{
    /** The usual day, minutes from and to. */
    public const FROM = 7 * 60;

    public const TO = 15 * 60;

    private const USUAL_MPH = 20.0;

    /**
     * @param  int  $from  minute of the day at which it begins, 0 to 1439
     * @param  int  $to  minute at which one is back
     * @param  float  $minutes  of a stop, over 0
     * @param  ?float  $fuelPerHour  burnt under way, in whatever unit the angler counts
     * @param  list<int>  $locked  spots that must be on it
     * @param  list<int>  $forbidden  spots that stay out
     * @param  ?int  $start  the spot where it begins; the ramp where it is not said
     * @param  ?Position  $startAt  where the boat is, which goes before all
     * @param  bool  $fromNow  whether it is planned on the water: what was fished is weighed by what it gave (S29)
     */
    public function __construct(
        public int $from, public int $to, public float $minutes, public Craft $craft, public ?float $fuelPerHour = null, public array $locked = [],
        public array $forbidden = [], public ?int $start = null, public ?Position $startAt = null, public bool $fromNow = false,
    ) {
    }

    /** What is asked for before anything was said. Basis: our own choice. */
    public static function usual(float $minutes): self
    {
        return new self(self::FROM, self::TO, $minutes, new Craft(Speed::fromMph(self::USUAL_MPH)));
    }

    /** The same wishes on the water: from this minute (0 to 1439), from the spot where one stands (its id), or from where the boat is. */
    public function fromNow(int $minute, ?int $spot, ?Position $at): self
    {
        return new self($minute, $this->to, $this->minutes, $this->craft, $this->fuelPerHour, $this->locked, $this->forbidden, $spot, $at, true);
    }

    /**
     * The same wishes with these spots (their ids) on it as well.
     *
     * @param  list<int>  $spots
     */
    public function with(array $spots): self
    {
        return new self(
            $this->from, $this->to, $this->minutes, $this->craft, $this->fuelPerHour, array_values(array_unique([...$this->locked, ...$spots])),
            array_values(array_diff($this->forbidden, $spots)), $this->start, $this->startAt, $this->fromNow,
        );
    }

    /** Whether its time is over before it begins. */
    public function isOver(): bool
    {
        return $this->from >= $this->to;
    }

    /** What is wished of a spot, by its id. */
    public function onRoute(int $spot): OnRoute
    {
        return match (true) {
            in_array($spot, $this->locked, true) => OnRoute::Must,
            in_array($spot, $this->forbidden, true) => OnRoute::Out,
            default => OnRoute::May,
        };
    }

    /** Whether a spot may be a stop. Where one starts in the morning is none; where one stands on the water may be come back to. */
    public function allows(int $spot): bool
    {
        return $this->onRoute($spot) !== OnRoute::Out && ($this->fromNow || $spot !== $this->start);
    }
}
