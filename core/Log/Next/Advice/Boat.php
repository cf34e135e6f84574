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
    private const WINS_P = 0.85;

    public function advise(Situation $day): array
    {
        $lead = Crew::of($day->evidence)->lead();
        if ($lead === null
            || $lead->pBetter < self::WINS_P
            || $lead->contactCount < 2
            || $lead->lure === null
            || $lead->lure === ($day->last->levels['lure'] ?? null)) {
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
