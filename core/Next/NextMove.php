<?php

declare(strict_types=1);

namespace OldEddy\Next;

use OldEddy\Evidence\Evidence;
use OldEddy\Evidence\Pattern;
use OldEddy\Next\Advice\Adviser;
use OldEddy\Next\Advice\AfterContact;
use OldEddy\Next\Advice\Boat;
use OldEddy\Next\Advice\Hooks;
use OldEddy\Next\Advice\Ladder;
use OldEddy\Next\Advice\OneFish;
use OldEddy\Next\Advice\PatternRun;
use OldEddy\Next\Advice\Silence;
use OldEddy\Schools\Schools;

/**
 * What to try next: one proposal and up to two alternatives, the most pressing first. Basis: handbook 08, the rules
 * named at each; the counts that the handbook leaves open are our own.
 */
final class NextMove
{
    /** @var list<class-string<Adviser>> in the order in which they are heard */
    private const ADVISERS = [AfterContact::class, Hooks::class, Boat::class, PatternRun::class, OneFish::class, Ladder::class, Silence::class];

    private const MOST = 3;

    /** @return non-empty-list<Move> */
    public static function after(Evidence $evidence, Pattern $pattern, Schools $schools = new Schools, bool $winter = false, Choices $choices = new Choices): array
    {
        $day = new Situation($evidence, $pattern, $schools, $winter, $choices);
        $moves = [];
        foreach (self::ADVISERS as $adviser) {
            foreach ((new $adviser)->advise($day) as $move) {
                if ($move->offer !== null || $choices->isEmpty()) {
                    $moves[$move->action->value] ??= $move;
                }
            }
            if (count($moves) >= self::MOST) {
                break;
            }
        }
        if ($moves === []) {
            return [$evidence->stints === []
                ? new Move(Action::Stay, 'Start with the search lure at the first spot.', 'M1', self::first($choices), null, 'what you see when you get there')
                : new Move(Action::Stay, 'Not enough casts yet: go on as you are.', 'M1', $day->present(), null, 'a contact')];
        }

        return array_slice(array_values($moves), 0, self::MOST);
    }

    private static function first(Choices $choices): ?Offer
    {
        return $choices->places === [] || $choices->presentations === [] ? null : new Offer($choices->places[0], $choices->presentations[0]);
    }
}
