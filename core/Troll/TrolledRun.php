<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\Stint;

/** A line from when it went into the water until it came out or was changed: what ran on it, for how many minutes, and what struck. Rule T10. */
final readonly class TrolledRun
{
    /** Let-outs are told apart by so many feet. Basis: own choice, what a counter on a reel is worth. */
    private const LET_OUT_FT = 10;

    /**
     * @param  string  $at  date and time it went in (ISO 8601)
     * @param  float  $depthFt  of the lure, 0 or more
     * @param  float  $minutes  in the water, 0 or more
     * @param  list<Contact>  $contacts  in order
     * @param  list<bool>  $inTurn  whether each of them came in a turn
     */
    public function __construct(
        public string $at, public string $key, public Side $side, public Station $station, public string $lure, public string $color, public float $letOutFt,
        public float $depthFt, public float $minutes, public array $contacts, public array $inTurn = [], public ?string $spot = null,
    ) {
    }

    /** It as the evidence weighs it: line-minutes stand for casts. */
    public function weighed(): Stint
    {
        return new Stint($this->at, [
            'side' => $this->side->value, 'position' => $this->station->value, 'lure' => $this->lure, 'color' => $this->color, 'spot' => $this->spot,
            'let_out' => sprintf('%d ft', self::LET_OUT_FT * (int) round($this->letOutFt / self::LET_OUT_FT)),
        ], $this->depthFt, (int) round($this->minutes), $this->minutes, $this->contacts);
    }

    /** Contacts, each by how much it says. */
    public function worth(): float
    {
        return $this->weighed()->weight();
    }
}
