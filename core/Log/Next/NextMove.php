<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Next\Advice\Adviser;
use OldEddy\Log\Next\Advice\AfterContact;
use OldEddy\Log\Next\Advice\AfterRefusal;
use OldEddy\Log\Next\Advice\Appointment;
use OldEddy\Log\Next\Advice\Boat;
use OldEddy\Log\Next\Advice\Hooks;
use OldEddy\Log\Next\Advice\OneFish;
use OldEddy\Log\Next\Advice\PatternRun;
use OldEddy\Log\Next\Advice\Reckoned;
use OldEddy\Log\Next\Advice\Silence;
use OldEddy\Log\Next\Advice\Turned;

/**
 * What to try next: one proposal and up to two alternatives, the most pressing first. Basis: the rules
 * named at each; the counts that they leave open are our own.
 */
final class NextMove
{
    /** @var list<class-string<Adviser>> in the order in which they are heard */
    private const ADVISERS = [
        AfterContact::class, Boat::class, Reckoned::class, Turned::class, Appointment::class, Hooks::class, PatternRun::class, OneFish::class,
        AfterRefusal::class, Silence::class,
    ];

    private const MOST = 3;

    /** @return non-empty-list<Move> */
    public static function after(Evidence $evidence, Pattern $pattern, Choices $choices = new Choices, Manner $manner = new Manner): array
    {
        return self::heard(new Situation($evidence, $pattern, $choices, $manner), self::MOST);
    }

    /** The most pressing of them alone. */
    public static function first(Situation $day): Move
    {
        return self::heard($day, 1)[0];
    }

    /** @return non-empty-list<Move> so many at the most (1 or more) */
    private static function heard(Situation $day, int $most): array
    {
        $moves = [];
        foreach (self::ADVISERS as $adviser) {
            foreach ((new $adviser)->advise($day) as $move) {
                // An alternative is something else to do, not the same in other words.
                $told = $move->offer !== null && array_filter($moves, static fn (Move $m): bool => $m->offer?->levels() === $move->offer->levels()) !== [];
                if (! $told && ($move->offer !== null || $day->choices->isEmpty())) {
                    $moves[$move->action->value] ??= $move;
                }
            }
            if (count($moves) >= $most) {
                break;
            }
        }
        if ($moves === []) {
            $goesOn = $day->present() ?? $day->mostPromising();

            return [$day->last === null
                ? new Move(Action::Stay, 'Start with the search lure at the first spot.', 'M1', $day->mostPromising(), null, 'what you see when you get there')
                : new Move(Action::Stay, 'Not enough casts yet: go on as you are.', 'M1', $goesOn, null, 'a contact')];
        }

        return array_slice(self::surestFirst(array_values($moves)), 0, $most);
    }

    /**
     * A proposal that says of itself that going on promises more gives way to the surest of the others (H20).
     *
     * @param  non-empty-list<Move>  $moves
     * @return non-empty-list<Move>
     */
    private static function surestFirst(array $moves): array
    {
        if (! $moves[0]->promisesLess()) {
            return $moves;
        }
        $sure = array_map(static fn (Move $m): float => $m->pBetter ?? 0.0, $moves);
        $surest = (int) array_search(max($sure), $sure, true);

        return [$moves[$surest], ...array_values(array_diff_key($moves, [$surest => true]))];
    }
}
