<?php

declare(strict_types=1);

namespace OldEddy\Next\Advice;

use OldEddy\Evidence\Verdict;
use OldEddy\Next\Action;
use OldEddy\Next\Move;
use OldEddy\Next\Offer;
use OldEddy\Next\Situation;

/** What holds is carried to a second place; what is mixed up is taken apart; what has faded is given up (M6, M9, M12). */
final class PatternRun implements Adviser
{
    public function advise(Situation $day): array
    {
        $verdict = $day->pattern->verdict;
        if ($verdict === Verdict::Faded) {
            $paid = $day->paidBefore() ?? $day->anywhere();

            return [new Move(Action::Return, 'What held has faded. Look what changed in light, level, wind or water color, and go back to where it began.', 'M12', $paid, $day->pBetter($paid), 'a contact where you are')];
        }
        $moves = [];
        if ($verdict->stands() && $day->pattern->holds(...($day->last->levels ?? [])) && $day->blankHere() < $day->patience()) {
            $left = $day->patience() - $day->blankHere();
            $moves[] = new Move(Action::Stay, sprintf('You are fishing what %s: %d more casts here.', $verdict === Verdict::Confirmed ? 'is a pattern' : 'holds', $left), 'M6', $day->present(), null, sprintf('%d blank casts', $left));
        } elseif ($verdict->stands()) {
            $alike = $day->lookalike();
            $where = $alike === null ? '' : " {$alike->place->name} is one.";
            $moves[] = $verdict === Verdict::Confirmed
                ? new Move(Action::ChangePlace, "Run the pattern: other places of the same kind, then look for bigger fish inside it.{$where}", 'M6', $alike, $day->pBetter($alike), sprintf('%d blank casts at the next of them', $day->patience()))
                : new Move(Action::ChangePlace, "Try the same at a second place of the same kind.{$where}", 'M6', $alike, $day->pBetter($alike), sprintf('%d blank casts there', $day->patience()));
        }
        $mixed = $this->mixedUp($day);

        return $mixed === null ? $moves : [...$moves, $mixed];
    }

    /** A lead that cannot be told from another: the next test changes one of the two. */
    private function mixedUp(Situation $day): ?Move
    {
        foreach ($day->evidence->confounded as $group) {
            foreach ($group as $name) {
                [$factor, $level] = explode(':', $name, 2);
                $leads = $day->evidence->of($factor, $level);
                if ($leads !== null && $leads->contactCount >= 2 && $leads->pBetter >= 0.75) {
                    $words = array_map(static fn (string $n): string => str_replace('_', ' ', substr($n, strpos($n, ':') + 1)), $group);
                    $test = $this->separating($day, $group);
                    $how = $test === null ? 'keep the first, change the last' : sprintf('%s at %s tells', str_replace('_', ' ', $test->presentation->lure), $test->place->name);

                    return new Move(Action::Separate, ucfirst(sprintf('%s always came together: %s, and see which of them it is.', implode(' and ', $words), $how)), 'M9', $test, $day->pBetter($test), 'a contact on only one of them');
                }
            }
        }

        return null;
    }

    /**
     * The most promising offer that has some of the group, but not all.
     *
     * @param  list<string>  $group
     */
    private function separating(Situation $day, array $group): ?Offer
    {
        return $day->bestThat(static function (Offer $offer) use ($group): bool {
            $has = 0;
            foreach ($group as $name) {
                [$factor, $level] = explode(':', $name, 2);
                $has += ($offer->levels()[$factor] ?? null) === $level ? 1 : 0;
            }

            return $has > 0 && $has < count($group);
        });
    }
}
