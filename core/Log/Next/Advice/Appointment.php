<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Showed;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** A fish that showed and was not caught is gone back to after a rest, with something slower than it refused (M16, S29). */
final class Appointment implements Adviser
{
    public function advise(Situation $day): array
    {
        if ($day->last === null) {
            return [];
        }
        foreach (Showed::in($day->evidence->stints) as $fish) {
            $minutes = (int) round($fish->minutesUntil($day->last->at));
            if ($fish->met || $minutes < Showed::REST_MIN || $fish->spot === ($day->last->levels['spot'] ?? null)) {
                continue;
            }
            $offer = $day->slowerAt($fish->spot, $fish->lure);
            $lure = str_replace('_', ' ', $fish->lure);

            return [new Move(
                Action::Return,
                Said::of(
                    'A %s at %s %d minutes ago would not have the %s: it has rested, show it something slower.', $fish->kind->words(), $fish->spot, $minutes, $lure,
                ),
                'M16',
                $offer,
                $day->pBetter($offer),
                'a contact where you are',
            )];
        }

        return [];
    }
}
