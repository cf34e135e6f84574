<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Next\Choices;
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
        $casts = 0;
        foreach (array_reverse($this->log) as $stint) {
            if (($stint->levels['spot'] ?? null) !== ($this->last()->levels['spot'] ?? null)) {
                break;
            }
            $casts += $stint->casts;
        }

        return $casts;
    }

    /** Blank casts in a row at the present place. */
    public function blankHere(): int
    {
        $casts = 0;
        foreach (array_reverse($this->log) as $stint) {
            if (($stint->levels['spot'] ?? null) !== ($this->last()->levels['spot'] ?? null)) {
                break;
            }
            $casts += $stint->castsSinceContact();
            if ($stint->contacts !== []) {
                break;
            }
        }

        return $casts;
    }
}
