<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Evidence\Evidence;
use OldEddy\Evidence\LevelEvidence;
use OldEddy\Evidence\Move;
use OldEddy\Evidence\NextMove;
use OldEddy\Evidence\Pattern;
use OldEddy\Evidence\StintsReader;
use OldEddy\Problem\InvalidInput;

/** Evidence, pattern and next move as plain arrays, as docs/schema/pattern.out.json describes them. */
final class PatternContract
{
    /**
     * @param  array<array-key, mixed>  $in
     * @return array<string, mixed>
     *
     * @throws InvalidInput with every problem found
     */
    public static function answer(array $in): array
    {
        [$stints, $prior] = StintsReader::read($in);
        $evidence = Evidence::weigh($stints, $prior);
        $pattern = Pattern::in($evidence);

        return [
            'factors' => array_map(self::ofLevel(...), $evidence->levels),
            'pattern' => [
                'levels' => array_map(static fn (LevelEvidence $l): array => ['factor' => $l->factor, 'level' => $l->level], $pattern->levels),
                'verdict' => $pattern->verdict->value,
                'text' => $pattern->text,
            ],
            'confounded' => $evidence->confounded,
            'next' => array_map(static fn (Move $m): array => ['action' => $m->action->value, 'text' => $m->text, 'why' => $m->ruleId], NextMove::after($evidence, $pattern)),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofLevel(LevelEvidence $level): array
    {
        return [
            'factor' => $level->factor,
            'level' => $level->level,
            'casts' => $level->casts,
            'contacts' => round($level->contacts, 2),
            'rate_per_100' => round(100 * $level->rate, 2),
            'rate_low_per_100' => round(100 * $level->rateLow, 2),
            'rate_high_per_100' => round(100 * $level->rateHigh, 2),
            'p_better' => round($level->pBetter, 4),
            'verdict' => $level->verdict->value,
            'casts_until_faded' => $level->castsUntilFaded,
        ];
    }
}
