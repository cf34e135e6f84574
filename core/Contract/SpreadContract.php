<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Basics\Said;
use OldEddy\Plan\Planner;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\LineCard;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\SpreadPlanner;

/** A spread as plain arrays, as docs/schema/spread.out.json describes it. */
final class SpreadContract
{
    private const MOST_MPH = 10.0;

    /**
     * @param  array<array-key, mixed>  $in  the conditions of a plan, with boat, speed_mph and lines
     * @return array<string, mixed>
     *
     * @throws InvalidInput with every problem found
     */
    public static function answer(array $in): array
    {
        $own = Fields::of(array_intersect_key($in, ['boat' => 0, 'speed_mph' => 0, 'lines' => 0]));
        $boat = $own->oneOf('boat', BoatKind::class) ?? BoatKind::Boat;
        $speed = $own->number('speed_mph', 0.2, self::MOST_MPH, 'mph');
        $lines = SpreadReader::lines($own);
        if (count($lines) > $boat->mostLines()) {
            $own->problem('lines', "may hold at most {$boat->mostLines()} entries for a {$boat->value}.");
        }
        $own->finish();
        $plan = Planner::plan(ConditionsReader::read(['mode' => 'troll'] + array_diff_key($in, ['boat' => 0, 'speed_mph' => 0, 'lines' => 0])));

        return self::told($lines === [] ? SpreadPlanner::plan($plan, $boat, $speed) : Spread::of(
            $boat, $lines, $speed ?? Spread::common($lines)?->startMph() ?? self::firstSpeed($lines),
        ));
    }

    /** @param  non-empty-list<SpreadLine>  $lines */
    private static function firstSpeed(array $lines): float
    {
        return Spread::common([$lines[0]])?->startMph() ?? 1.5;
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
        $line = $running->line;

        return [
            'key' => $line->key, 'side' => $line->side->value, 'position' => $line->station->value, 'carrier' => $line->carrier->value, 'lure' => $line->lure->key,
            'color' => $line->color->value, 'let_out_ft' => round($line->letOutFt, 1), 'length_in' => $line->lengthIn, 'weight_oz' => $line->weightOz,
            'depth_ft' => round($running->depthFt, 2), 'depth_basis' => $running->basis->value,
        ];
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
