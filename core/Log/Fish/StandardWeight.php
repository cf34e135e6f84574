<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Day\Season\Fish;

/**
 * The standard weight of a fish by its length. Basis: published, rule D10:
 * log10 W(g) = a + b·log10 TL(mm); largemouth Henson 1991, smallmouth Kolander et al. 1993, walleye Murphy et al. 1990,
 * the others, trout and salmon as they grow in lakes, from the list of Neumann et al. 2012 (values from memory).
 */
final class StandardWeight
{
    /** Species => [a, b]. */
    private const EQUATIONS = [
        'largemouth_bass' => [-5.528, 3.273], 'smallmouth_bass' => [-5.329, 3.200], 'spotted_bass' => [-5.392, 3.215],
        'muskellunge' => [-6.066, 3.325], 'northern_pike' => [-5.437, 3.096], 'walleye' => [-5.453, 3.180],
        'yellow_perch' => [-5.386, 3.230], 'black_crappie' => [-5.618, 3.345], 'bluegill' => [-5.374, 3.316],
        'brown_trout' => [-5.422, 3.194], 'rainbow_trout' => [-4.898, 2.990], 'lake_trout' => [-5.681, 3.246], 'landlocked_salmon' => [-5.243, 3.096],
    ];

    /** The shortest lengths, millimetres, that the equations were made for (Neumann et al. 2012, values from memory). */
    private const FROM_MM = [
        'largemouth_bass' => 150, 'smallmouth_bass' => 150, 'spotted_bass' => 100, 'muskellunge' => 380, 'northern_pike' => 100, 'walleye' => 150,
        'yellow_perch' => 100, 'black_crappie' => 100, 'bluegill' => 80, 'brown_trout' => 140, 'rainbow_trout' => 120, 'lake_trout' => 280, 'landlocked_salmon' => 120,
    ];

    /**
     * Relative weight (Wege and Anderson 1978): the weight of a fish in per cent of the standard one; null for a species without an
     * equation and for a fish shorter than it was made for. About 100 is a fish in good shape.
     */
    public static function relative(Fish $species, Length $length, Mass $mass): ?float
    {
        $standard = $length->millimetres() < (self::FROM_MM[$species->value] ?? INF) ? null : self::of($species, $length);

        return $standard === null ? null : 100 * $mass->grams() / $standard->grams();
    }

    /** The standard weight at a total length (over 0), or null for a species without an equation. */
    public static function of(Fish $species, Length $length): ?Mass
    {
        $equation = self::EQUATIONS[$species->value] ?? null;

        return $equation === null ? null : Mass::fromGrams(10 ** ($equation[0] + $equation[1] * log10($length->millimetres())));
    }
}
