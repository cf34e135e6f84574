<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Trip;
use App\Show\Units;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\SpreadReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\SpreadPlanner;

/** The lines that are towed on a day: those that were put down, or those that the core plans. */
final class SpreadOfDay
{
    /** So many earlier days are asked for what was measured of a lure. */
    private const EARLIER_DAYS = 40;

    /** The day read as one on which one trolls, however it was said to be fished. */
    public static function reading(Trip $trip): Reading
    {
        $box = $trip->drill_seed === null ? $trip->user->box : null;

        return WaterReader::read(Settler::settle(ConditionsReader::read(['mode' => 'troll', 'owned' => $box] + $trip->known())));
    }

    /** The spread of the day. */
    public static function of(Trip $trip): Spread
    {
        return $trip->spread === null ? self::planned($trip, BoatKind::Boat) : SpreadReader::spread($trip->spread);
    }

    /** A spread for this boat with so many lines, as the core plans it, with what was measured of its lures on earlier days (T7). */
    public static function planned(Trip $trip, BoatKind $boat, ?int $lines = null): Spread
    {
        $reading = self::reading($trip);
        // Of a day on which none was put down every tap on the deck asks for it.
        $spread = Kept::of("spread {$boat->value} {$lines}", $reading->day, static fn (): Spread => SpreadPlanner::plan(Planner::planFor($reading), $boat, null, $lines));
        $measured = self::measured($trip);
        if ($measured === [] || $spread->lines === []) {
            return $spread;
        }

        return Spread::of($boat, array_map(
            static fn (RunningLine $r): SpreadLine => $r->line->with(['points' => $measured[$r->line->lure->key] ?? []]), $spread->lines,
        ), $spread->speedMph);
    }

    /**
     * A spread as a form gave it: let-outs, points and speed in the angler's units.
     *
     * @param  array<array-key, mixed>  $form
     *
     * @throws InvalidInput with every problem, by the names of the form
     */
    public static function typed(array $form, Units $units): Spread
    {
        $number = static fn (string $quantity, mixed $value): mixed => self::told($value, static fn (float $v): float => $units->take($quantity, $v));
        $lines = array_map(static fn (mixed $line): mixed => ! is_array($line) ? $line : [
            'let_out_ft' => $number('depth', $line['let_out'] ?? null),
            // Length and weight are those of a lure: another lure has its own.
            ...($line['of'] ?? null) !== ($line['lure'] ?? null) ? [] : [
                'length_in' => self::told($line['length'] ?? null, $units->takeSize(...)), 'weight_oz' => self::told($line['weight_oz'] ?? null, static fn (float $oz): float => $oz),
            ],
            'sinker_oz' => self::told($line['sinker'] ?? null, $units->takeLure(...)),
            'points' => self::points($line['points'] ?? null, $units),
        ] + array_intersect_key($line, ['key' => 0, 'side' => 0, 'position' => 0, 'carrier' => 0, 'lure' => 0, 'color' => 0, 'line' => 0]), array_values((array) ($form['lines'] ?? [])));

        return SpreadReader::spread(['boat' => $form['boat'] ?? null, 'speed_mph' => $number('speed', $form['speed'] ?? null), 'lines' => $lines]);
    }

    /**
     * A number that was typed, in the units of the core. What is none is left for the reader to name.
     *
     * @param  callable(float): float  $take
     */
    private static function told(mixed $value, callable $take): mixed
    {
        return is_numeric($value) ? round($take((float) $value), 4) : ($value === '' ? null : $value);
    }

    /** Points as they are typed: feet of line and feet deep, pair by pair. What is no pair is left for the reader to name. */
    private static function points(mixed $typed, Units $units): mixed
    {
        if (! is_string($typed)) {
            return [];
        }
        $split = static fn (string $at, string $text): array => preg_split($at, $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $taken = static fn (string $one): mixed => is_numeric($one) ? $units->take('depth', (float) $one) : $one;

        return array_map(static fn (string $pair): array => array_map($taken, $split('/[\s:\/]+/', trim($pair))), $split('/[;,\n]+/', $typed));
    }

    /** @return array<string, string|float> a line as the log has it when it goes out */
    public static function entry(RunningLine $running): array
    {
        $line = $running->line;

        return [
            'line' => $line->key, 'side' => $line->side->value, 'station' => $line->station->value, 'carrier' => $line->carrier->value, 'let_out_ft' => round($line->letOutFt, 1),
            'lure' => $line->lure->key, 'color' => $line->color->value, 'depth_ft' => round($running->depthFt, 1), 'retrieve' => $line->lure->cadences[0],
            'weight_oz' => $line->weightOz, 'length_in' => $line->lengthIn,
        ];
    }

    /** @return array<string, list<array{float, float}>> what this angler measured of each lure, the newest day's */
    private static function measured(Trip $trip): array
    {
        $found = [];
        $days = Trip::query()->where('user_id', $trip->user_id)->whereKeyNot($trip->id)->whereNotNull('spread')->latest('id')->take(self::EARLIER_DAYS)->get(['id', 'spread']);
        foreach ($days as $day) {
            foreach ($day->spread['lines'] ?? [] as $line) {
                if (($line['points'] ?? []) !== []) {
                    $found[$line['lure']] ??= array_map(static fn (array $point): array => [(float) $point[0], (float) $point[1]], $line['points']);
                }
            }
        }

        return $found;
    }
}
