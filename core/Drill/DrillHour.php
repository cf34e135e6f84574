<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\InARow;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\TimeLeft;

/** Where an outing stands when its angler decides: the log, what the last cast brought, what can be fished, and the time. */
final readonly class DrillHour
{
    /**
     * @param  list<Stint>  $log  empty before the first cast
     * @param  list<Turn>  $turns
     */
    public function __construct(
        public array $log,
        public ?ContactKind $contact,
        public Choices $choices,
        public TimeLeft $time,
        public array $turns = [],
    ) {
    }

    /** The last stint, or null before the first cast. */
    public function last(): ?Stint
    {
        return $this->log[array_key_last($this->log) ?? 0] ?? null;
    }

    /** Casts made in a row at the present place. */
    public function castsHere(): int
    {
        return array_sum(array_map(static fn (Stint $s): int => $s->casts, InARow::sharing($this->log, 'spot')));
    }

    /** Blank casts in a row at the present place. */
    public function blankHere(): int
    {
        return InARow::blank(InARow::sharing($this->log, 'spot'));
    }

    /** The same again: the place in the light and at the distance that it has now. */
    public function again(Offer $offer): Offer
    {
        return new Offer($this->choices->place($offer->place->name) ?? $offer->place, $offer->presentation);
    }
}
