<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

use OldEddy\Schools\Schools;

/**
 * What to try next: one proposal and up to two alternatives, the most pressing first. Basis: handbook 08, the rules
 * named at each; the counts that the handbook leaves open are our own.
 */
final class NextMove
{
    /** After a contact the same cast is repeated so often (M7). */
    private const REPEATS = 5;

    /** A presentation gets so many casts before it is changed (M8). */
    private const PATIENCE = 15;

    /** A definite place gets so many casts under the school cover_water (S3). */
    private const COVER_WATER = 8;

    /** Blank casts after which the opposite is worth one try (M10). */
    private const DESPAIR = 80;

    private const MOST = 3;

    /** @var list<Move> */
    private array $moves = [];

    private function __construct(
        private readonly Evidence $evidence,
        private readonly Pattern $pattern,
        private readonly Schools $schools,
        private readonly bool $winter,
    ) {
    }

    /** @return non-empty-list<Move> */
    public static function after(Evidence $evidence, Pattern $pattern, Schools $schools = new Schools, bool $winter = false): array
    {
        $next = new self($evidence, $pattern, $schools, $winter);
        $next->think();
        if ($next->moves === []) {
            $next->propose(Action::Stay, $evidence->stints === [] ? 'Start with the search lure at the first spot.' : 'Not enough casts yet: go on as you are.', 'M1');
        }

        /** @var non-empty-list<Move> */
        return array_slice($next->moves, 0, self::MOST);
    }

    private function think(): void
    {
        $last = $this->evidence->stints[array_key_last($this->evidence->stints) ?? 0] ?? null;
        if ($last === null) {
            return;
        }
        $this->afterContact($last);
        $this->onHooks($last);
        $this->onPattern();
        $this->onOneFish($last);
        $this->onSilence($last);
    }

    /** M7, M3: a contact a few casts ago. */
    private function afterContact(Stint $last): void
    {
        $contact = $last->contacts[array_key_last($last->contacts) ?? 0] ?? null;
        $since = $last->castsSinceContact();
        if ($contact === null || $since >= self::REPEATS) {
            return;
        }
        if (in_array($contact->kind, [ContactKind::Caught, ContactKind::Lost], true)) {
            $this->propose(Action::RepeatCast, sprintf('Hold the boat and cast back to the same place: %d more before you change anything.', self::REPEATS - $since), 'M7');

            return;
        }
        if ($contact->kind === ContactKind::Follow) {
            $this->propose(Action::SlowDown, 'A follower: answer it with a pause or a kill, then show it something slower.', 'R17');
        } else {
            $this->propose(Action::SlowDown, 'It missed or turned away: rest it a moment, then come back with another, slower lure.', 'M3');
        }
        $this->propose(Action::RepeatCast, 'Or repeat the very same cast first; others may stand there.', 'M7');
    }

    /** C10: hooks on the outside speak against color, size or speed. */
    private function onHooks(Stint $last): void
    {
        $outside = 0;
        $inside = 0;
        foreach ($this->evidence->stints as $stint) {
            if (($stint->levels['lure'] ?? null) !== ($last->levels['lure'] ?? null)) {
                continue;
            }
            foreach ($stint->contacts as $contact) {
                $outside += $contact->hooked === Hooked::Outside || $contact->kind === ContactKind::Bump ? 1 : 0;
                $inside += $contact->hooked === Hooked::Inside || $contact->hooked === Hooked::Gut ? 1 : 0;
            }
        }
        if ($outside >= 2 && $outside > $inside) {
            $this->propose(Action::Downsize, sprintf('%d short strikes on this lure: color, size or speed is wrong. Go down a size.', $outside), 'C10');
            $this->propose(Action::ChangeColor, 'Or another color of the same lure.', 'C10');
        }
    }

    /** M6: what holds is carried to a second place; what is mixed up is taken apart. */
    private function onPattern(): void
    {
        $mixed = $this->mixedUp();
        if ($this->pattern->verdict === Verdict::Confirmed) {
            $this->propose(Action::ChangePlace, 'Run the pattern: other places of the same kind, then look for bigger fish inside it.', 'M6');
        }
        if ($mixed !== null) {
            $this->propose(Action::Separate, $mixed, 'M9');
        }
        if ($this->pattern->verdict === Verdict::Holding) {
            $this->propose(Action::ChangePlace, 'Try the same at a second place of the same kind.', 'M6');
        }
        if ($this->pattern->verdict === Verdict::Faded) {
            $this->propose(Action::Return, 'What held has faded. Look what changed in light, level, wind or water color, and go back to where it began.', 'M12');
        }
    }

    /** A lead that cannot be told from another: the next test changes one of the two. */
    private function mixedUp(): ?string
    {
        foreach ($this->evidence->confounded as $group) {
            foreach ($group as $name) {
                [$factor, $level] = explode(':', $name, 2);
                $leads = $this->evidence->of($factor, $level);
                if ($leads !== null && $leads->contactCount >= 2 && $leads->pBetter >= 0.75) {
                    $words = array_map(static fn (string $n): string => str_replace(['_', ':'], ' ', substr($n, strpos($n, ':') + 1)), $group);

                    return ucfirst(sprintf('%s always came together: keep the first, change the last, and see which of them it is.', implode(' and ', $words)));
                }
            }
        }

        return null;
    }

    /** M6, M8: one fish and then nothing is no pattern. */
    private function onOneFish(Stint $last): void
    {
        if ($last->contacts === [] || $last->castsSinceContact() < self::REPEATS) {
            return;
        }
        if ($last->castsSinceContact() < 10) {
            $this->propose(Action::Stay, 'Ask what was the same about it, and go on to ten casts.', 'M6');
        } else {
            $this->propose(Action::SlowDown, 'One and then nothing in ten casts: not confirmed. Slower or smaller, or back to what paid.', 'M8');
        }
    }

    /** M8, M9, M10, S3: nothing happens. */
    private function onSilence(Stint $last): void
    {
        if ($last->contacts !== []) {
            return;
        }
        $blank = $this->blankInRow();
        $patience = $this->schools->chosen('tempo') === 'cover_water' ? self::COVER_WATER : self::PATIENCE;
        $here = $this->castsHere($last);
        if ($blank >= self::DESPAIR) {
            $this->propose(Action::ChangeLure, sprintf('%d casts without a touch: try the opposite once, such as a weightless worm on a windy day.', $blank), 'M10');
        }
        $paid = $this->bestSpot($last);
        if ($here >= $patience) {
            if ($paid !== null) {
                $this->propose(Action::Return, sprintf('Back to %s, which gave contacts, with something slower.', $paid), 'M2');
            }
            $place = ($this->schools->chosen('change_first') ?? ($this->winter ? 'place' : 'lure')) === 'place' || $this->schools->chosen('tempo') === 'cover_water';
            if ($place) {
                $this->propose(Action::ChangePlace, sprintf('%d casts here without a contact: next spot, same lure.', $here), 'M9');
                $this->propose(Action::ChangeDepth, 'Or stay and change position and depth first.', 'M9');
            } else {
                $this->propose(Action::ChangeDepth, sprintf('%d casts without a contact: change position or depth first.', $here), 'M9');
                $this->propose(Action::SlowDown, 'Then speed and pause.', 'M9');
                $this->propose(Action::ChangeLure, 'Then the lure: the next in the ladder of refusals.', 'M8');
            }
        } elseif ($this->schools->chosen('tempo') === 'pick_apart' && $here >= self::REPEATS) {
            $this->propose(Action::RepeatCast, sprintf('%d casts at this target: the same target again, from another angle.', $here), 'S3');
        } else {
            $this->propose(Action::Stay, sprintf('%d of %d casts: not enough yet to say anything.', $here, $patience), 'M11');
        }
    }

    private function blankInRow(): int
    {
        $blank = 0;
        foreach (array_reverse($this->evidence->stints) as $stint) {
            $blank += $stint->castsSinceContact();
            if ($stint->contacts !== []) {
                break;
            }
        }

        return $blank;
    }

    /** Casts with this presentation at this spot in a row. */
    private function castsHere(Stint $last): int
    {
        $casts = 0;
        foreach (array_reverse($this->evidence->stints) as $stint) {
            if ($stint->contacts !== [] || ($stint->levels['spot'] ?? null) !== ($last->levels['spot'] ?? null) || ($stint->levels['lure'] ?? null) !== ($last->levels['lure'] ?? null)) {
                break;
            }
            $casts += $stint->casts;
        }

        return $casts;
    }

    /** The spot with the best rate among those that gave contacts, unless it is the present one. */
    private function bestSpot(Stint $last): ?string
    {
        $best = null;
        foreach ($this->evidence->levels as $level) {
            if ($level->factor === 'spot' && $level->contactCount > 0 && $level->level !== ($last->levels['spot'] ?? null) && ($best === null || $level->rate > $best->rate)) {
                $best = $level;
            }
        }

        return $best?->level;
    }

    private function propose(Action $action, string $text, string $ruleId): void
    {
        foreach ($this->moves as $move) {
            if ($move->action === $action) {
                return;
            }
        }
        $this->moves[] = new Move($action, $text, $ruleId);
    }
}
