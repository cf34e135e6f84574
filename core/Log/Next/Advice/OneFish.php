<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Basics\Said;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** One fish and then nothing is no pattern (M6, M8). */
final class OneFish implements Adviser
{
    private const CONFIRMED_WITHIN = 10;

    public function advise(Situation $day): array
    {
        $since = $day->last?->castsSinceContact() ?? 0;
        if (($day->last->contacts ?? []) === [] || $since < Situation::REPEATS) {
            return [];
        }
        if ($since < self::CONFIRMED_WITHIN) {
            $left = self::CONFIRMED_WITHIN - $since;

            return [new Move(Action::Stay, 'Ask what was the same about it, and go on to ten casts.', 'M6', $day->present(), null, "{$left} blank casts")];
        }
        $slower = $day->slowerHere();
        $moves = [new Move(
            Action::SlowDown,
            sprintf(
                '%d contact%s, then nothing in %d casts: not confirmed. Slower or smaller, or back to what paid.',
                count($day->last->contacts),
                count($day->last->contacts) === 1 ? '' : 's',
                $since,
            ),
            'M8',
            $slower,
            $day->pBetter($slower),
            'a contact on the next casts',
        )];
        $better = $day->anywhere();
        if ($better !== null && $day->promisesMore($better)) {
            array_unshift(
                $moves,
                new Move(
                    $day->changes($better),
                    Said::of('%d casts since the last contact: %s promises more now.', $since, $day->words($better)),
                    'M8',
                    $better,
                    $day->pBetter($better),
                    'a contact on the next casts',
                ),
            );
        }

        return $moves;
    }
}
