<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Situation;

/**
 * The ladder of refusals (M8): a lure that only showed fish is followed by smaller and slower ones, ten to twenty casts
 * each, and then comes back; one that caught here is gone back to as soon as its successor does not pay.
 */
final class AfterRefusal implements Adviser
{
    /** Casts of a rung. */
    private const RUNG = 10;

    /** Rungs below the lure that showed the fish. */
    private const RUNGS = 3;

    public function advise(Situation $day): array
    {
        $paid = $day->paidHereBefore();
        $blank = $day->blankHere();
        if ($paid === null || $day->last === null || $day->last->contacts !== [] || $blank < self::RUNG) {
            return [];
        }
        $lure = str_replace('_', ' ', $paid->levels['lure'] ?? 'what paid');
        $now = str_replace('_', ' ', $day->last->levels['lure'] ?? 'this');
        $back = $day->backTo($paid);
        $unless = 'a contact on the next casts';
        if (array_filter($paid->contacts, static fn (Contact $c): bool => $c->kind->isHooked()) !== []) {
            return [new Move(
                Action::Return,
                sprintf('%d casts with the %s and nothing: back to the %s, which hooked fish here.', $blank, $now, $lure),
                'M8',
                $back,
                $day->pBetter($back),
                $unless,
            )];
        }
        $rung = $day->luresSince($paid);
        $down = $this->down($day);
        if ($rung >= self::RUNGS || ($down === null && ! $day->choices->isEmpty())) {
            return [new Move(
                Action::Return,
                sprintf('The ladder is through: back to the %s, which showed fish here.', $lure),
                'M8',
                $back,
                $day->pBetter($back),
                $unless,
            )];
        }

        return [
            new Move(
                Action::Downsize,
                sprintf(
                    'The %s showed fish, and %d casts with the %s brought none: the next rung of the ladder (%d of %d), smaller and slower.',
                    $lure,
                    $blank,
                    $now,
                    $rung + 1,
                    self::RUNGS,
                ),
                'M8',
                $down,
                $day->pBetter($down),
                $unless,
            ),
            new Move(Action::Return, sprintf('Or back to the %s at once.', $lure), 'M8', $back, $day->pBetter($back), $unless),
        ];
    }

    private function down(Situation $day): ?Offer
    {
        $smaller = $day->smallerHere();

        return $smaller !== null && ! $day->wasShownHere($smaller->presentation) ? $smaller : $day->slowerHere();
    }
}
