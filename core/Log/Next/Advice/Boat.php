<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Log\Evidence\Crew;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** Two anglers throw different things until one wins; then both change over (M4). */
final class Boat implements Adviser
{
    public function advise(Situation $day): array
    {
        $lead = Crew::of($day->evidence)->winner();
        if ($lead === null || $lead->lure === null || $lead->lure === ($day->last->levels['lure'] ?? null)) {
            return [];
        }

        $offer = $day->lureHere($lead->lure);

        return [new Move(
            Action::ChangeLure,
            sprintf('%s is winning with %s on the same water: both change over to it.', $lead->angler, str_replace('_', ' ', $lead->lure)),
            'M4',
            $offer,
            $lead->pBetter,
            'a contact on what the other throws',
        )];
    }
}
