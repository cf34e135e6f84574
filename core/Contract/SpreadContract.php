<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Basics\Said;
use OldEddy\Plan\Planner;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\LineCard;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\SpreadPlanner;

/** A spread as plain arrays, as docs/schema/spread.out.json describes it. */
final class SpreadContract
{
    private const OWN = ['boat' => 0, 'speed_mph' => 0, 'lines' => 0];

    /**
     * @param  array<array-key, mixed>  $in  the conditions of a plan, with boat, speed_mph and lines
     * @return array<string, mixed>
     *
     * @throws InvalidInput with every problem found
     */
    public static function answer(array $in): array
    {
        $own = Fields::of(array_intersect_key($in, self::OWN));
        [$boat, $speed, $lines] = SpreadReader::parts($own);
        $own->finish();
        $plan = Planner::plan(ConditionsReader::read(['mode' => 'troll'] + array_diff_key($in, self::OWN)));

        return self::told($lines === [] ? SpreadPlanner::plan($plan, $boat, $speed) : SpreadReader::at($boat, $lines, $speed));
    }

    /**
     * A spread as it is kept, so that SpreadReader::spread reads the same.
     *
     * @return array{boat: string, speed_mph: float, lines: list<array<string, mixed>>}
     */
    public static function kept(Spread $spread): array
    {
        return [
            'boat' => $spread->boat->value, 'speed_mph' => round($spread->speedMph, 3),
            'lines' => array_map(
                static fn (RunningLine $r): array => self::written($r->line) + ($r->line->points === [] ? [] : ['points' => $r->line->points]), $spread->lines,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function told(Spread $spread): array
    {
        return [
            'speed_mph' => round($spread->speedMph, 2),
            'speed_range_mph' => $spread->range === null ? null : [round($spread->range->fromMph, 2), round($spread->range->toMph, 2)],
            'lines' => array_map(self::line(...), $spread->lines),
            'refused' => array_map(static fn (array $r): array => ['lure' => $r['lure']->key, 'why' => (string) $r['why']], $spread->refused),
            'warnings' => array_map(static fn (Said $s): string => (string) $s, $spread->warnings),
            'fish_on' => (object) self::fishOn($spread),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(RunningLine $running): array
    {
        return self::written($running->line) + ['depth_ft' => round($running->depthFt, 2), 'depth_basis' => $running->basis->value];
    }

    /** @return array<string, mixed> */
    private static function written(SpreadLine $line): array
    {
        return [
            'key' => $line->key, 'side' => $line->side->value, 'position' => $line->station->value, 'carrier' => $line->carrier->value, 'lure' => $line->lure->key,
            'color' => $line->color->value, 'let_out_ft' => round($line->letOutFt, 1), 'length_in' => $line->lengthIn, 'weight_oz' => $line->weightOz,
            'line' => $line->tiedTo->value,
        ] + ($line->carrier === Carrier::Weight ? ['sinker_oz' => $line->sinkerOz] : []);
    }

    /** @return array<string, array<string, mixed>> by line */
    private static function fishOn(Spread $spread): array
    {
        $cards = [];
        foreach ($spread->lines as $running) {
            $card = LineCard::on($spread, $running->line->key);
            if ($card !== null) {
                $cards[$running->line->key] = [
                    'clear' => array_map(static fn (SpreadLine $l): string => $l->key, $card->clear), 'pass' => $card->under ? 'under' : 'over', 'net_side' => $card->net->value,
                ];
            }
        }

        return $cards;
    }
}
