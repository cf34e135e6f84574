<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** Water or light has changed since this lure was taken in hand: color first, then depth (M19). */
final class Turned implements Adviser
{
    public function advise(Situation $day): array
    {
        $begun = $day->last->at ?? null;
        $since = array_filter($day->evidence->turns, static fn (Turn $t): bool => $begun !== null && $t->at > $begun && $t->kind->asksForColor());
        if ($since === []) {
            return [];
        }
        $what = $since[array_key_last($since)]->kind->words();
        $color = $day->recolored();
        $depth = $day->otherDepth();
        $unless = 'a contact on the next casts';

        return [
            new Move(Action::ChangeColor, ucfirst("{$what} has changed: another color first."), 'M19', $color, $day->pBetter($color), $unless),
            new Move(Action::ChangeDepth, 'Then another depth.', 'M19', $depth, $day->pBetter($depth), $unless),
        ];
    }
}
