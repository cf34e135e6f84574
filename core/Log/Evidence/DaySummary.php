<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** What a day leaves behind: what held, what faded and when, what was rejected. Times as the stints have them. */
final readonly class DaySummary
{
    /**
     * @param  list<Stood>  $held
     * @param  list<Stood>  $faded
     * @param  list<LevelEvidence>  $rejected
     */
    private function __construct(public array $held, public array $faded, public array $rejected)
    {
    }

    /** The summary of a day's evidence. */
    public static function of(Evidence $evidence): self
    {
        // The day is weighed once after each stint, and every level is looked up in it.
        $then = array_map($evidence->asOf(...), array_keys($evidence->stints));
        $first = static function (LevelEvidence $level, callable $is) use ($evidence, $then): string {
            foreach ($then as $i => $was) {
                $known = ($evidence->stints[$i]->levels[$level->factor] ?? null) === $level->level ? $was->of($level->factor, $level->level) : null;
                if ($known !== null && $is($known->claim)) {
                    return $evidence->stints[$i]->at;
                }
            }

            // It came to stand only by what the others did later.
            return $evidence->stints[count($evidence->stints) - 1]->at;
        };
        $stands = static fn (Verdict $v): bool => $v->stands();
        [$held, $faded, $rejected] = [[], [], []];
        foreach ($evidence->levels as $level) {
            match (true) {
                $level->claim->stands() => $held[] = new Stood($level, $first($level, $stands)),
                $level->claim === Verdict::Faded => $faded[] = new Stood(
                    $level, $first($level, $stands), $first($level, static fn (Verdict $v): bool => $v === Verdict::Faded),
                ),
                $level->claim === Verdict::Rejected => $rejected[] = $level,
                default => null,
            };
        }

        return new self($held, $faded, $rejected);
    }
}
