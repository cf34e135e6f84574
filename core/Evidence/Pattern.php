<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

/** What the contacts have in common: the levels, the verdict on them together, and a sentence. */
final readonly class Pattern
{
    /** Factors that can be carried to another place. */
    private const CARRIED = ['structure', 'cover', 'cover_part', 'light', 'depth', 'retrieve', 'lure', 'color'];

    /** A level takes part from this probability of beating the rest. */
    private const LEADS_P = 0.75;

    /** @param  list<LevelEvidence>  $levels */
    private function __construct(public array $levels, public Verdict $verdict, public string $text)
    {
    }

    /** The pattern in a day's evidence. */
    public static function in(Evidence $evidence): self
    {
        $levels = [];
        foreach (self::CARRIED as $factor) {
            $best = null;
            foreach ($evidence->levels as $level) {
                if ($level->factor === $factor && $level->verdict->stands() && $level->pBetter >= self::LEADS_P && ($best === null || $level->pBetter > $best->pBetter)) {
                    $best = $level;
                }
            }
            if ($best !== null) {
                $levels[] = $best;
            }
        }
        if ($levels === []) {
            return new self([], self::bare($evidence), self::bareText($evidence));
        }
        $in = [];
        foreach ($evidence->stints as $i => $stint) {
            foreach ($levels as $level) {
                if (($stint->levels[$level->factor] ?? null) !== $level->level) {
                    continue 2;
                }
            }
            $in[$i] = true;
        }
        $verdict = $in === [] ? Verdict::NoRead : Evidence::verdict($evidence->stints, $in, $evidence->prior);

        return new self($levels, $verdict, self::sentence($levels, $verdict));
    }

    /** Without a level that stands the day is unread, or hints at most; what stood before and no longer does has faded. */
    private static function bare(Evidence $evidence): Verdict
    {
        $seen = array_map(static fn (LevelEvidence $l): Verdict => $l->verdict, $evidence->levels);

        return match (true) {
            in_array(Verdict::Faded, $seen, true) => Verdict::Faded,
            in_array(Verdict::Hint, $seen, true), $evidence->contactCount() > 0 && $evidence->casts() >= 20 => Verdict::Hint,
            default => Verdict::NoRead,
        };
    }

    private static function bareText(Evidence $evidence): string
    {
        return match (true) {
            $evidence->casts() === 0 => 'Nothing logged yet.',
            self::bare($evidence) === Verdict::Faded => 'What held has faded: ask again what changed.',
            $evidence->contactCount() === 0 => sprintf('No contact in %d casts. That is evidence too, but no pattern.', $evidence->casts()),
            $evidence->contactCount() === 1 => sprintf('One contact in %d casts: one fish is not a pattern.', $evidence->casts()),
            default => sprintf('%d contacts in %d casts, but nothing yet that they share and the blanks do not.', $evidence->contactCount(), $evidence->casts()),
        };
    }

    /** @param  non-empty-list<LevelEvidence>  $levels */
    private static function sentence(array $levels, Verdict $verdict): string
    {
        $by = [];
        foreach ($levels as $level) {
            $by[$level->factor] = str_replace('_', ' ', $level->level);
        }
        if (isset($by['cover'], $by['cover_part'])) {
            $by['cover'] = "{$by['cover_part']} of the {$by['cover']}";
            unset($by['cover_part']);
        }
        if (isset($by['light'])) {
            $by['light'] = match ($by['light']) {
                'shade' => 'shaded side',
                'sun' => 'in the sun',
                default => 'low light',
            };
        }
        if (isset($by['lure'], $by['color'])) {
            $by['lure'] = "{$by['lure']} in {$by['color']}";
            unset($by['color']);
        }

        return implode(', ', $by).match ($verdict) {
            Verdict::Confirmed => ': a pattern. Look for its like elsewhere.',
            Verdict::Holding => ': holding. It needs a second place of the same kind to be a pattern.',
            Verdict::Faded => ': faded.',
            default => ': each part stands by itself, but they have hardly been fished together.',
        };
    }
}
