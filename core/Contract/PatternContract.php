<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Shared;
use OldEddy\Log\Evidence\Showed;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\TellApart;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\NextMove;
use OldEddy\Reading\Groups;
use OldEddy\Reading\WaterReader;

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
        $log = StintsReader::read($in);
        $evidence = Evidence::weigh($log->stints, $log->prior, $log->turns);
        $pattern = Pattern::in($evidence);

        return [
            'factors' => array_map(self::ofLevel(...), $evidence->levels),
            'pattern' => [
                'levels' => array_map(static fn (LevelEvidence $l): array => ['factor' => $l->factor, 'level' => $l->level], $pattern->levels),
                'verdict' => $pattern->verdict->value,
                'text' => (string) $pattern->text,
                'limits' => array_map(strval(...), $pattern->limits),
            ],
            'confounded' => array_map(static fn (array $group): array => array_map(strval(...), $group), $evidence->together->groups()),
            'tell_apart' => self::tellApart($evidence),
            'shared' => array_map(strval(...), Shared::levels($evidence->stints)),
            'showed' => array_map(
                static fn (Showed $s): array => ['spot' => $s->spot, 'lure' => $s->lure, 'kind' => $s->kind->value, 'at' => $s->at],
                Showed::in($evidence->stints),
            ),
            'next' => array_map(
                static fn (Move $m): array => [
                    'action' => $m->action->value, 'text' => (string) $m->text, 'why' => $m->ruleId, 'unless' => $m->unless, 'offer' => self::ofOffer($m),
                ],
                NextMove::after($evidence, $pattern, $log->atHand->choices, self::manner($log)),
            ),
        ];
    }

    private static function manner(ReadLog $log): Manner
    {
        $stage = $log->stage ?? ($log->day === null ? null : WaterReader::read($log->day)->stage->stage);

        $inGroups = $log->day !== null && Groups::expected($log->day, $stage);

        return new Manner($log->schools, $stage === Stage::Winter, $inGroups, $log->atHand->time, $log->atHand->goal, $log->atHand->practice);
    }

    /** @return ?array<string, mixed> */
    private static function ofOffer(Move $move): ?array
    {
        if ($move->offer === null) {
            return null;
        }
        $shown = $move->offer->presentation;

        return [
            'spot' => $move->offer->place->name, 'rod' => $shown->rod, 'lure' => $shown->lure, 'color' => $shown->color, 'weight_oz' => $shown->weightOz,
            'length_in' => $shown->lengthIn, 'retrieve' => $shown->retrieve, 'depth_ft' => $shown->depthFt, 'casts' => $move->casts,
        ];
    }

    /** @return list<array{factor: string, levels: list<string>, casts_each: ?int}> the two best levels of each factor */
    private static function tellApart(Evidence $evidence): array
    {
        $pairs = [];
        foreach (Stint::FACTORS as $factor) {
            $levels = $evidence->levelsOf($factor);
            if (count($levels) > 1) {
                $pairs[] = [
                    'factor' => $factor,
                    'levels' => [$levels[0]->level, $levels[1]->level],
                    'casts_each' => TellApart::casts($levels[0]->own, $levels[1]->own),
                ];
            }
        }

        return $pairs;
    }

    /** @return array<string, mixed> */
    private static function ofLevel(LevelEvidence $level): array
    {
        return [
            'factor' => $level->factor,
            'level' => $level->level,
            'casts' => $level->casts,
            'contacts' => round($level->contacts, 2),
            'rate_per_100' => round(100 * $level->own->mean(), 2),
            'rate_low_per_100' => round(100 * $level->own->quantile(0.1), 2),
            'rate_high_per_100' => round(100 * $level->own->quantile(0.9), 2),
            'pooled_per_100' => round(100 * $level->pooled->mean(), 2),
            'p_better' => $level->pBetter === null ? null : round($level->pBetter, 4),
            'verdict' => $level->verdict->value,
            'claim' => $level->claim->value,
            'casts_until_faded' => $level->castsUntilFaded,
        ];
    }
}
