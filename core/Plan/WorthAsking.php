<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Reading\Stand;
use OldEddy\Reading\WaterReader;

/**
 * Which unknowns of a day are worth asking for: each plausible answer is tried, and what it would change of the first choices
 * and of the fish's depth is weighed by how likely it is. Basis: own choice; the answers stand in answers.php.
 */
final class WorthAsking
{
    /** So many lures of the lineup count as the first choices. */
    public const FIRST = 3;

    /** How the change is made up: another first lure, others among the first three, another depth. */
    private const SHARES = [0.4, 0.4, 0.2];

    /** Under this an answer would hardly matter. */
    private const WORTH = 0.04;

    /** @return list<Ask> most worth first, with their plausible answers; empty when nothing left would matter */
    public static function of(Settled $day): array
    {
        static $answers = null;
        $answers ??= require __DIR__.'/answers.php';
        $now = self::choices($day);
        $asks = [];
        foreach ($answers as $path => $of) {
            if (self::isKnown($day, $path)) {
                continue;
            }
            [$worth, $most, $why] = [0.0, 0.0, ''];
            $plausible = $of($day);
            foreach ($plausible as [$words, $weight, $changes]) {
                $then = $changes === [] ? $now : self::choices($day->with($changes));
                $change = self::change($now, $then);
                $worth += $weight * $change;
                if ($weight * $change > $most) {
                    $most = $weight * $change;
                    $why = $then[0][0] === $now[0][0]
                        ? "If it is {$words}, the choices after the first are others."
                        : "If it is {$words}, the ".str_replace('_', ' ', $then[0][0]).' comes first.';
                }
            }
            if ($worth >= self::WORTH) {
                $asks[] = new Ask($path, $why, round($worth, 3), array_map(static fn (array $a): array => [$a[0], $a[3]], $plausible));
            }
        }
        usort($asks, static fn (Ask $a, Ask $b): int => $b->worth <=> $a->worth);

        return $asks;
    }

    private static function isKnown(Settled $day, string $path): bool
    {
        return $path === 'forage' ? $day->forage !== [] : ! $day->assumes($path);
    }

    /** @return array{non-empty-list<string>, Stand} the first choices of a day, and where its fish stand */
    private static function choices(Settled $day): array
    {
        $reading = WaterReader::read($day);

        return [LureRanking::of($reading)->best(self::FIRST), $reading->stand];
    }

    /**
     * How much another, 0 to 1.
     *
     * @param  array{non-empty-list<string>, Stand}  $now
     * @param  array{non-empty-list<string>, Stand}  $then
     */
    private static function change(array $now, array $then): float
    {
        [[$lures, $stand], [$others, $other]] = [$now, $then];
        $depth = min(1.0, abs($other->middleFt() - $stand->middleFt()) / max(2.0, $stand->middleFt()));

        return self::SHARES[0] * ($lures[0] === $others[0] ? 0 : 1)
            + self::SHARES[1] * count(array_diff($others, $lures)) / self::FIRST
            + self::SHARES[2] * $depth;
    }
}
