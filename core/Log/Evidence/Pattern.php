<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Said;

/** What the contacts have in common: the levels, the verdict on them together, a sentence, and how far it reaches. */
final readonly class Pattern
{
    /** Factors that can be carried to another place. */
    private const CARRIED = [
        'structure', 'cover', 'cover_part', 'light', 'water_depth', 'depth', 'speed', 'retrieve', 'cast', 'lure', 'size', 'weight', 'color',
    ];

    /** So much probability may a further level cost: it makes the pattern narrower, and the casts fewer. Basis: our own choice. */
    private const MAY_COST = 0.02;

    /**
     * @param  list<LevelEvidence>  $levels
     * @param  list<string|Said>  $limits  what the pattern has not been tried against
     * @param  int  $spots  on how many spots it had contacts
     */
    private function __construct(public array $levels, public Verdict $verdict, public string|Said $text, public array $limits = [], public int $spots = 0)
    {
    }

    /** The pattern in a day's evidence. */
    public static function in(Evidence $evidence): self
    {
        $leads = array_values(array_filter($evidence->levels, static fn (LevelEvidence $l): bool => in_array($l->factor, self::CARRIED, true) && $l->leads()));
        if ($leads === []) {
            return new self([], self::bare($evidence), self::bareText($evidence));
        }
        [$levels, $in] = self::together($evidence, $leads);
        $verdict = self::claimed($evidence->claim(...$in), $levels);
        $spots = $evidence->spotsWithContact(...$in);

        return new self($levels, $verdict, self::sentence($levels, $verdict, $spots), self::limits($evidence, $levels, $in), $spots);
    }

    /** Whether anything leads: it is fished on, whatever may be claimed of it. */
    public function leads(): bool
    {
        return $this->levels !== [] && $this->verdict !== Verdict::Faded;
    }

    /** What it does, in words after "what". */
    public function words(): string
    {
        return match ($this->verdict) {
            Verdict::Confirmed => 'is a pattern',
            Verdict::Holding => 'holds',
            default => 'gave rather more so far',
        };
    }

    /** Whether a stint or an offer with these levels by factor lies within the pattern. */
    public function holds(string ...$levels): bool
    {
        return $this->levels !== [] && $this->shared($levels) === count($this->levels);
    }

    /**
     * How many levels of the pattern these have.
     *
     * @param  array<string, string>  $levels  by factor
     * @param  ?list<string>  $factors  only those, or all
     */
    public function shared(array $levels, ?array $factors = null): int
    {
        return count(array_filter(
            $this->levels,
            static fn (LevelEvidence $l): bool => ($factors === null || in_array($l->factor, $factors, true)) && ($levels[$l->factor] ?? null) === $l->level,
        ));
    }

    /**
     * The leading levels that belong together: the surest first, then each that does not take away from what is known.
     *
     * @param  non-empty-list<LevelEvidence>  $leads
     * @return array{non-empty-list<LevelEvidence>, list<int>} the levels in the order of FACTORS, and the stints that have them all
     */
    private static function together(Evidence $evidence, array $leads): array
    {
        usort($leads, static fn (LevelEvidence $a, LevelEvidence $b): int => $b->pBetter <=> $a->pBetter);
        $taken = [];
        $in = array_keys($evidence->stints);
        foreach ($leads as $level) {
            $with = array_values(array_filter($in, static fn (int $i): bool => ($evidence->stints[$i]->levels[$level->factor] ?? null) === $level->level));
            if ($taken === [] || (! isset($taken[$level->factor]) && $evidence->spotsWithContact(...$with) >= min(2, $evidence->spotsWithContact(...$in))
                && ($evidence->pBetter(...$with) ?? 0.5) >= ($evidence->pBetter(...$in) ?? 0.5) - self::MAY_COST)) {
                $taken[$level->factor] = $level;
                $in = $with;
            }
        }
        $levels = [];
        foreach (self::CARRIED as $factor) {
            array_push($levels, ...(isset($taken[$factor]) ? [$taken[$factor]] : []));
        }

        /** @var non-empty-list<LevelEvidence> $levels */
        return [$levels, $in];
    }

    /**
     * No more is claimed of levels together than of the best of them: which of them are put together was chosen after looking.
     *
     * @param  non-empty-list<LevelEvidence>  $levels
     */
    private static function claimed(Verdict $together, array $levels): Verdict
    {
        $claims = array_map(static fn (LevelEvidence $l): Verdict => $l->claim, $levels);

        return match (true) {
            ! $together->stands(), in_array($together, $claims, true) => $together,
            in_array(Verdict::Confirmed, $claims, true), in_array(Verdict::Holding, $claims, true) => Verdict::Holding,
            default => Verdict::Hint,
        };
    }

    /** Without a level that stands the day is unread, or hints at most; what stood before and no longer does has faded. */
    private static function bare(Evidence $evidence): Verdict
    {
        $seen = array_map(static fn (LevelEvidence $l): Verdict => $l->claim, $evidence->levels);

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
            $evidence->contactCount() === 0 => sprintf(
                'No contact in %d %s. That is evidence too, but no pattern.',
                $evidence->casts(),
                $evidence->casts() === 1 ? 'cast' : 'casts',
            ),
            $evidence->contactCount() === 1 => sprintf(
                'One contact in %d %s: one fish is not a pattern.',
                $evidence->casts(),
                $evidence->casts() === 1 ? 'cast' : 'casts',
            ),
            default => sprintf(
                '%d contacts in %d casts, but nothing yet that they share and the blanks do not.',
                $evidence->contactCount(),
                $evidence->casts(),
            ),
        };
    }

    /** @param  non-empty-list<LevelEvidence>  $levels */
    private static function sentence(array $levels, Verdict $verdict, int $spots): Said
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
        if (isset($by['retrieve'])) {
            // The retrieve says how fast.
            unset($by['speed']);
        }
        if (isset($by['lure'], $by['color'])) {
            $by['lure'] = "{$by['lure']} in {$by['color']}";
            unset($by['color']);
        }

        foreach (array_intersect(['depth', 'size', 'weight'], array_keys($by)) as $factor) {
            $by[$factor] = Stint::said($by[$factor]);
        }
        if (isset($by['water_depth'])) {
            $by['water_depth'] = Said::of('over %s of water', Stint::said($by['water_depth']));
        }
        if (isset($by['cast'])) {
            $by['cast'] .= ' cast';
        }

        return Said::joined(Said::listed(', ', ...array_values($by)), match ($verdict) {
            Verdict::Confirmed => ': a pattern. Look for its like elsewhere.',
            Verdict::Holding => $spots > 1
                ? sprintf(': holding, at %d spots. Among so much that was tried it may still be chance; more contacts will tell.', $spots)
                : ': holding. It needs more contacts, at a second place of the same kind, to be a pattern.',
            Verdict::Faded => ': faded.',
            Verdict::Hint => ': rather more came so. Among all that was tried it may still be chance; more contacts will tell.',
            default => ': each part stands by itself, but they have hardly been fished together.',
        });
    }

    /**
     * @param  non-empty-list<LevelEvidence>  $levels
     * @param  list<int>  $in
     * @return list<string|Said>
     */
    private static function limits(Evidence $evidence, array $levels, array $in): array
    {
        $limits = [];
        $spots = [];
        foreach ($in as $i) {
            $spots[$evidence->stints[$i]->levels['spot'] ?? '?'] = true;
        }
        if ($in !== []) {
            $limits[] = sprintf(
                'seen at %d %s, from %s to %s',
                count($spots),
                count($spots) === 1 ? 'spot' : 'spots',
                substr($evidence->stints[$in[0]]->at, 11, 5),
                substr($evidence->stints[$in[count($in) - 1]]->at, 11, 5),
            );
        }
        $alone = [];
        foreach ($levels as $level) {
            $others = array_filter($evidence->levelsOf($level->factor), static fn (LevelEvidence $l): bool => $l->level !== $level->level);
            if ($others === []) {
                $alone[] = str_replace('_', ' ', $level->factor);
            } elseif ($level->factor === 'depth') {
                $limits[] = Said::joined(
                    'depths tried: ',
                    Said::listed(', ', ...array_map(static fn (LevelEvidence $l): string|Said => Stint::said($l->level), [$level, ...array_values($others)])),
                );
            }
        }

        if ($alone !== []) {
            $limits[] = 'tried with no other '.implode(', ', $alone);
        }

        return $limits;
    }
}
