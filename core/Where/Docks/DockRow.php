<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Basics\Said;
use OldEddy\Day\Conditions\Settled;

/** A row of docks: the best of it and why, and the docks of one depth. Basis: rules S16, S17, S19; the sums are our own. */
final class DockRow
{
    /** Docks whose inner and outer depths are within so many feet belong to one pattern. */
    private const LIKE_FT = 1.5;

    /** Backs and fronts of docks that are good in high summer (S19), feet. */
    private const SUMMER_BACK_FT = [3.0, 4.0];

    private const SUMMER_FRONT_FT = [12.0, 15.0];

    private const SUMMER_F = 78.0;

    /**
     * @param  non-empty-list<DockPlan>  $docks
     * @return non-empty-list<array{dock: DockPlan, worth: float, why: string|Said}> best first
     */
    public static function ranked(array $docks, Settled $day): array
    {
        $ranked = [];
        foreach ($docks as $dock) {
            $marks = DockReader::read($dock, $day);
            // Two good parts say what a dock is worth; a change of the bank lifts it over its neighbours.
            $worth = $marks[0]->worth + 0.5 * ($marks[1]->worth ?? 0.0);
            $changes = array_values(array_filter($dock->extras, static fn (Extra $e): bool => $e->changesBank()));
            $worth *= 1 + 0.25 * count($changes);
            $summer = $day->tempF >= self::SUMMER_F
                && self::within($dock->insideFt, self::SUMMER_BACK_FT)
                && self::within($dock->outsideFt, self::SUMMER_FRONT_FT);
            $why = match (true) {
                $changes !== [] => 'the bank changes at it: '.implode(', ', array_map(static fn (Extra $e): string => $e->words(), $changes)),
                $summer => 'shallow at the back and deep at the front, as in high summer it should be',
                default => Said::joined("its {$marks[0]->part->words()}: ", Said::small($marks[0]->text)),
            };
            $ranked[] = ['dock' => $dock, 'worth' => $worth * ($summer ? 1.2 : 1.0), 'why' => $why];
        }
        usort($ranked, static fn (array $a, array $b): int => $b['worth'] <=> $a['worth']);

        return $ranked;
    }

    /**
     * The docks with the same depth inside and outside as one that gave fish.
     *
     * @param  list<DockPlan>  $docks
     * @return list<DockPlan>
     */
    public static function like(DockPlan $one, array $docks): array
    {
        return array_values(array_filter($docks, static fn (DockPlan $d): bool => $d->name !== $one->name
            && abs($d->insideFt - $one->insideFt) <= self::LIKE_FT && abs($d->outsideFt - $one->outsideFt) <= self::LIKE_FT));
    }

    /**
     * Any docks by the depths of the pattern: those of a dock that paid (S17), or the depth at which fish are met, anywhere between a
     * dock's inner and outer end. Basis: rules S17 and S26; how fast the likeness falls off is our own.
     *
     * @param  list<DockPlan>  $docks
     * @param  non-empty-list<array{float, float}>  $paidFt  depths inside and outside that paid, or one depth twice
     * @return list<array{dock: DockPlan, offFt: float}> the nearest to the pattern first; feet by which its depths miss
     */
    public static function byDepths(array $docks, array $paidFt): array
    {
        $ranked = array_map(static fn (DockPlan $d): array => ['dock' => $d, 'offFt' => min(array_map(
            static fn (array $paid): float => $paid[0] === $paid[1]
                ? max(0.0, min($d->insideFt, $d->outsideFt) - $paid[0], $paid[0] - max($d->insideFt, $d->outsideFt))
                : (abs($d->insideFt - $paid[0]) + abs($d->outsideFt - $paid[1])) / 2,
            $paidFt,
        ))], $docks);
        usort($ranked, static fn (array $a, array $b): int => $a['offFt'] <=> $b['offFt']);

        return $ranked;
    }

    /** @param  array{float, float}  $span */
    private static function within(float $feet, array $span): bool
    {
        return $feet >= $span[0] && $feet <= $span[1];
    }
}
