<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** A contact a few casts ago: repeat the cast, or answer a fish that turned away (M7, M3, R17). */
final class AfterContact implements Adviser
{
    public function advise(Situation $day): array
    {
        $contacts = $day->last->contacts ?? [];
        $since = $day->last?->castsSinceContact() ?? 0;
        if ($contacts === [] || $since >= Situation::REPEATS) {
            return [];
        }
        $contact = $contacts[count($contacts) - 1];
        $left = Situation::REPEATS - $since;
        if ($day->manner->practice) {
            // One bite at a place is enough: it is for the day itself.
            $next = $day->unsearchedBest();

            return [new Move(Action::ChangePlace, 'Practice: one bite tells enough. Leave them for the day and look at the next place.', 'M18', $next)];
        }
        if ($contact->kind->isHooked()) {
            return [new Move(
                Action::RepeatCast,
                $day->manner->inGroups
                    ? sprintf('They come in groups now: be back within %d casts, before they are gone. After it a long blank is no reason to doubt.', $left)
                    : sprintf('Hold the boat and cast back to the same place: %d more before you change anything.', $left),
                $day->manner->inGroups ? 'M15' : 'M7',
                $day->present(),
                null,
                sprintf('%d blank casts', $left),
                $left,
            )];
        }
        // Two refusals in one place ask for an answer; after the first, the cast itself is worth repeating.
        $slower = $day->slowerHere();
        $answer = $contact->kind === ContactKind::Follow
            ? new Move(
                Action::SlowDown,
                'A follower: answer it with a pause or a kill, then show it something slower.',
                'R17',
                $slower,
                $day->pBetter($slower),
                'another follow on the same lure',
            )
            : new Move(
                Action::SlowDown,
                'It missed or turned away: rest it a moment, then come back with another, slower lure.',
                'M3',
                $slower,
                $day->pBetter($slower),
                'a second strike on the same lure',
            );

        $repeat = new Move(
            Action::RepeatCast,
            'Repeat the very same cast; others may stand there.',
            'M7',
            $day->present(),
            null,
            sprintf('%d blank casts', $left),
        );

        // What is slower, but far from what fish took today, answers nobody.
        return $slower === null || $day->promisesNearly($slower) ? [$answer, $repeat] : [$repeat, $answer];
    }
}
