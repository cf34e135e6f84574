<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Next\Advice\Adviser;
use OldEddy\Log\Next\Advice\AfterContact;
use OldEddy\Log\Next\Advice\AfterRefusal;
use OldEddy\Log\Next\Advice\Boat;
use OldEddy\Log\Next\Advice\Hooks;
use OldEddy\Log\Next\Advice\OneFish;
use OldEddy\Log\Next\Advice\PatternRun;
use OldEddy\Log\Next\Advice\Silence;

/**
 * What to try next: one proposal and up to two alternatives, the most pressing first. Basis: the rules
 * named at each; the counts that they leave open are our own.
 */
final class NextMove
{
    /** @var list<class-string<Adviser>> in the order in which they are heard */
    private const ADVISERS = [AfterContact::class, Hooks::class, Boat::class, PatternRun::class, OneFish::class, AfterRefusal::class, Silence::class];

    private const MOST = 3;

    /** @return non-empty-list<Move> */
    public static function after(
        Evidence $evidence,
        Pattern $pattern,
        Schools $schools = new Schools,
        bool $winter = false,
        Choices $choices = new Choices,
    ): array {
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
