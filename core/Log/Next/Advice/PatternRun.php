<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Level;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Situation;

/** What holds is carried to a second place; what is mixed up is taken apart; what has faded is given up (M6, M9, M12). */
final class PatternRun implements Adviser
{
    private const OF_LURE = ['lure', 'color', 'size', 'weight', 'depth', 'retrieve', 'speed', 'cast'];

    public function advise(Situation $day): array
    {
        $verdict = $day->pattern->verdict;
        if ($verdict === Verdict::Faded) {
            $paid = $day->paidBefore() ?? $day->anywhere();

            return [new Move(
                Action::Return,
                'What held has faded. Look what changed in light, level, wind or water color, and go back to where it began.',
                'M12',
                $paid,
                $day->pBetter($paid),
                'a contact where you are',
            )];
        }
        $moves = [];
        if ($day->pattern->leads() && $day->pattern->holds(...($day->last->levels ?? [])) && $day->blankHere() < $day->patience()) {
            $left = $day->patience() - $day->blankHere();
            $moves[] = new Move(
                Action::Stay,
                sprintf('You are fishing what %s: %d more casts here.', $day->pattern->words(), $left),
                'M6',
                $day->present(),
                null,
                sprintf('%d blank casts', $left),
            );
        } elseif ($day->pattern->leads()) {
            $alike = $day->lookalike();
            $where = $alike === null ? '' : " {$alike->place->name} is one.";
            $spots = $day->pattern->spots;
            $held = $verdict === Verdict::Holding ? 'It held' : 'It gave more';
            $moves[] = $verdict === Verdict::Confirmed
                ? new Move(
                    Action::ChangePlace,
                    "Run the pattern: other places of the same kind, then look for bigger fish inside it.{$where}",
                    'M6',
                    $alike,
                    $day->pBetter($alike),
                    sprintf('%d blank casts at the next of them', $day->patience()),
                )
                : new Move(
                    Action::ChangePlace,
                    ($spots > 1 ? "{$held} at {$spots} spots and may still be chance: the same at another place of the same kind." : 'Try the same at a second place of the same kind.').$where,
                    'M6',
                    $alike,
                    $day->pBetter($alike),
                    sprintf('%d blank casts there', $day->patience()),
                );
        }
        $mixed = $this->mixedUp($day);

        return $mixed === null ? $moves : [...$moves, $mixed];
    }

    /** A lead that cannot be told from another: the next test keeps some of it and leaves some out. */
    private function mixedUp(Situation $day): ?Move
    {
        foreach ($day->evidence->together->groups() as $group) {
            foreach ($group as $level) {
                $leads = $day->evidence->of($level->factor, $level->name);
                if ($leads !== null && $leads->contactCount >= 2 && $leads->pBetter >= 0.75) {
                    $test = $this->separating($day, $group);
                    $how = $test === null ? 'keep the first, change the last, and see which of them it is' : Said::of(
                        '%s at %s has %s but not %s, and tells',
                        str_replace('_', ' ', $test->presentation->lure),
                        $test->place->name,
                        self::words(self::kept($test, $group, true)),
                        self::words(self::kept($test, $group, false)),
                    );

                    return new Move(
                        Action::Separate,
                        Said::capital(Said::of('%s %s together: %s.', self::words($group), in_array($group, $day->evidence->together->nearly, true) ? 'nearly always came' : 'always came', $how)),
                        'M9',
                        $test,
                        $day->pBetter($test),
                        'a contact on only one of them',
                    );
                }
            }
        }

        return null;
    }

    /**
     * The most promising offer that has some of the group, but not all: the place of it without its lure, or its lure
     * without the place, since a mere shade of the same retrieve would tell little.
     *
     * @param  list<Level>  $group
     */
    private function separating(Situation $day, array $group): ?Offer
    {
        $ofLure = array_values(array_filter($group, static fn (Level $l): bool => in_array($l->factor, self::OF_LURE, true)));
        $ofPlace = array_values(array_filter($group, static fn (Level $l): bool => ! in_array($l, $ofLure, true)));
        $only = static fn (array $has, array $hasNot): callable => static fn (Offer $o): bool => self::kept($o, $has, true) === $has
            && self::kept($o, $hasNot, true) === [];
        $clean = $ofLure === [] || $ofPlace === [] ? null
            : $day->bestThat(static fn (Offer $o): bool => $only($ofLure, $ofPlace)($o) || $only($ofPlace, $ofLure)($o));

        return $clean ?? $day->bestThat(static fn (Offer $o): bool => self::kept($o, $group, true) !== [] && self::kept($o, $group, false) !== []);
    }

    /**
     * The levels of a group that an offer has, or has not.
     *
     * @param  list<Level>  $group
     * @return list<Level>
     */
    private static function kept(Offer $offer, array $group, bool $has): array
    {
        $levels = $offer->levels();

        return array_values(array_filter($group, static fn (Level $l): bool => $l->isAmong($levels) === $has));
    }

    /** @param  list<Level>  $levels */
    private static function words(array $levels): Said
    {
        return Said::listed(' and ', ...array_map(static fn (Level $l): string|Said => $l->words(), $levels));
    }
}
