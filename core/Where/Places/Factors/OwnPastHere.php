<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Log\Evidence\Rate;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\OwnRecord;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** What the angler's own log says of the spot in this stage (S1). */
final class OwnPastHere implements PlaceFactor
{
    /** @param  array<string, OwnRecord>  $records  by name of the spot */
    public function __construct(private readonly array $records)
    {
    }

    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $record = $this->records[$place->name] ?? null;
        if ($record === null || $record->casts === 0) {
            return null;
        }
        $here = Rate::after($hour->usual, $record->contacts, $record->casts)->mean();

        return new Reason(
            max(0.6, min(1.7, ($here / $hour->usual->perCast) ** 0.6)),
            sprintf('Your own log in this stage: contacts worth %.1f in %d casts.', $record->contacts, $record->casts),
            'S1',
        );
    }
}
