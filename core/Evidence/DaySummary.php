<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

/** What a day leaves behind: what held, what faded and when, what was rejected. Times as the stints have them. */
final readonly class DaySummary
{
    /**
     * @param  list<array{level: LevelEvidence, since: string}>  $held
     * @param  list<array{level: LevelEvidence, stood: string, at: string}>  $faded
     * @param  list<LevelEvidence>  $rejected
     */
    private function __construct(public array $held, public array $faded, public array $rejected)
    {
    }

    /** The summary of a day's evidence. */
    public static function of(Evidence $evidence): self
    {
        [$held, $faded, $rejected] = [[], [], []];
        foreach ($evidence->levels as $level) {
            match (true) {
                $level->verdict->stands() => $held[] = ['level' => $level, 'since' => self::first($evidence, $level, static fn (Verdict $v): bool => $v->stands())],
                $level->verdict === Verdict::Faded => $faded[] = [
                    'level' => $level,
                    'stood' => self::first($evidence, $level, static fn (Verdict $v): bool => $v->stands()),
                    'at' => self::first($evidence, $level, static fn (Verdict $v): bool => $v === Verdict::Faded),
                ],
                $level->verdict === Verdict::Rejected => $rejected[] = $level,
                default => null,
            };
        }

        return new self($held, $faded, $rejected);
    }

    /** @param  callable(Verdict): bool  $is */
    private static function first(Evidence $evidence, LevelEvidence $level, callable $is): string
    {
        foreach ($evidence->stints as $i => $stint) {
            if (($stint->levels[$level->factor] ?? null) === $level->level) {
                $then = self::weighUpTo($evidence, $i)->of($level->factor, $level->level);
                if ($then !== null && $is($then->verdict)) {
                    return $stint->at;
                }
            }
        }

        // It came to stand only by what the others did later.
        return $evidence->stints[count($evidence->stints) - 1]->at;
    }

    private static function weighUpTo(Evidence $evidence, int $last): Evidence
    {
        return Evidence::weigh(array_slice($evidence->stints, 0, $last + 1), $evidence->prior);
    }
}
