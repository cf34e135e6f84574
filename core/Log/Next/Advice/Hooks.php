<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** Hooks on the outside, bumps and follows speak against color, size or speed of the lure that is shown (C10). */
final class Hooks implements Adviser
{
    private const ENOUGH = 2;

    public function advise(Situation $day): array
    {
        $lure = $day->last->levels['lure'] ?? null;
        $short = 0;
        $follows = 0;
        $inside = 0;
        foreach ($day->evidence->stints as $stint) {
            foreach (($stint->levels['lure'] ?? null) === $lure ? $stint->contacts : [] as $contact) {
                $short += $contact->hooked === Hooked::Outside || $contact->kind === ContactKind::Bump ? 1 : 0;
                $follows += $contact->kind === ContactKind::Follow ? 1 : 0;
                $inside += $contact->hooked === Hooked::Inside || $contact->hooked === Hooked::Gut ? 1 : 0;
            }
        }
        if ($short + $follows < self::ENOUGH || $short + $follows <= $inside) {
            return [];
        }
        $smaller = $day->smallerHere();
        $color = $day->recolored();
        $unless = 'a fish that takes it deep';

        return [
            $short >= self::ENOUGH
                ? new Move(
                    Action::Downsize,
                    sprintf('%d short strikes on this lure: color, size or speed is wrong. Go down a size.', $short),
                    'C10',
                    $smaller,
                    $day->pBetter($smaller),
                    $unless,
                )
                : new Move(
                    Action::SlowDown,
                    sprintf('%d fish came to this lure and did not take it: slower, with longer pauses, or smaller.', $short + $follows),
                    'C10',
                    $slower = $day->slowerHere(),
                    $day->pBetter($slower),
                    $unless,
                ),
            new Move(Action::ChangeColor, 'Or another color of the same lure.', 'C10', $color, $day->pBetter($color), $unless),
        ];
    }
}
