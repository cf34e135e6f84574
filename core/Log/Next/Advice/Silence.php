<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Basics\Said;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Situation;

/** Nothing happens: wait, then change one thing at a time, and at last try the opposite (M1, M2, M8-M11, S3). */
final class Silence implements Adviser
{
    /** Blank casts after which the opposite is worth one try (M10). */
    private const DESPAIR = 80;

    public function advise(Situation $day): array
    {
        if ($day->last === null || $day->last->contacts !== []) {
            return [];
        }
        $moves = [];
        $blank = $day->blankInRow();
        $here = $day->blankHere();
        $patience = $day->patience();
        if ($blank >= self::DESPAIR && $here >= Situation::REPEATS) {
            $moves[] = new Move(
                Action::ChangeLure,
                sprintf('%d casts without a touch: try the opposite once, such as a weightless worm on a windy day.', $blank),
                'M10',
                $offer = $day->opposite(),
                $day->pBetter($offer),
                'a contact on anything',
            );
        }
        if ($here >= $patience) {
            return [...$moves, ...$this->change($day, $here)];
        }
        if ($day->manner->schools->chosen('tempo') === 'pick_apart' && $here >= Situation::REPEATS) {
            return [
                ...$moves,
                new Move(
                    Action::RepeatCast,
                    sprintf('%d casts at this target: the same target again, from another angle.', $here),
                    'S3',
                    $day->present(),
                    null,
                    sprintf('%d more blank casts', $patience - $here),
                ),
            ];
        }

        return [
            ...$moves,
            new Move(
                Action::Stay,
                sprintf('%d of %d casts: not enough yet to say anything.', $here, $patience),
                'M11',
                $day->present(),
                null,
                sprintf('a contact, or %d more blank casts', $patience - $here),
            ),
        ];
    }

    /** @return list<Move> */
    private function change(Situation $day, int $here): array
    {
        $moves = [];
        $unless = 'a contact on the next casts';
        $next = $day->otherPlace();
        $searching = $day->unsearched() !== [] && ($day->manner->schools->chosen('tempo') ?? 'search_then_slow') !== 'pick_apart';
        $best = $day->anywhere();
        $paid = $day->paidSpot();
        if ($paid !== null && ! ($searching && $best?->place->name !== $paid)) {
            $back = $day->paidBefore();
            $moves[] = new Move(
                Action::Return,
                sprintf('Back to %s, which gave contacts, with something slower.', $back->place->name ?? $paid),
                'M2',
                $back,
                $day->pBetter($back),
                $unless,
            );
        }
        $new = $searching ? $day->unsearchedBest() : null;
        if ($new !== null) {
            $moves = [
                new Move(
                    Action::ChangePlace,
                    sprintf(
                        '%d casts here without a contact, and places left to search: %s next, with %s.',
                        $here,
                        $new->place->name,
                        str_replace('_', ' ', $new->presentation->lure),
                    ),
                    'M1',
                    $new,
                    $day->pBetter($new),
                    $unless,
                ),
                ...$moves,
            ];
        } elseif ($best !== null && $day->promisesMore($best)) {
            $moves = [
                new Move(
                    $day->changes($best),
                    Said::of('%d casts without a contact: %s promises most now.', $here, $day->words($best)),
                    'M9',
                    $best,
                    $day->pBetter($best),
                    $unless,
                ),
                ...$moves,
            ];
        }
        $depth = $day->otherDepth();
        $slower = $day->slowerHere();
        $lure = $day->otherLure();
        $inOrder = [
            new Move(
                Action::ChangeDepth,
                sprintf('%d casts without a contact: change position or depth first.', $here),
                'M9',
                $depth,
                $day->pBetter($depth),
                $unless,
            ),
            new Move(Action::SlowDown, 'Then speed and pause.', 'M9', $slower, $day->pBetter($slower), $unless),
            new Move(Action::ChangeLure, 'Then the lure: the next in the ladder of refusals.', 'M8', $lure, $day->pBetter($lure), $unless),
        ];
        if ($day->placeFirst() || $day->manner->schools->chosen('tempo') === 'cover_water') {
            array_unshift($inOrder, $this->toPlace($day, $next, sprintf('%d casts here without a contact: ', $here), 'M9'));
        }

        return [...$moves, ...$inOrder];
    }

    private function toPlace(Situation $day, ?Offer $next, string $why, string $rule): Move
    {
        return new Move(
            Action::ChangePlace,
            $why.($next === null ? 'next spot, same lure.' : "{$next->place->name} next, same lure."),
            $rule,
            $next,
            $day->pBetter($next),
            'a contact on the next casts',
        );
    }
}
