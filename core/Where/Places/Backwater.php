<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Stage;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Lake\Position;

/**
 * The walk to the backwater: in fall, the pieces of cover of an arm in the order from the main lake to its back; where the break line
 * pinches to a V or a notch, the place comes first. Basis: rule S27.
 */
final class Backwater
{
    /** The depth line bends in this sharply at a pinch, 1/m. Basis: own choice, as the reading of the bottom has it for notches. */
    private const PINCH = -1 / 70;

    /** Fewer pieces are no walk. */
    private const LEAST = 3;

    /** Whether the year is at the walk. */
    public static function isTime(Stage $stage): bool
    {
        return in_array($stage, [Stage::EarlyFall, Stage::Fall, Stage::LateFall], true);
    }

    /** The main lake: the water farthest from all land; null where no water is known. */
    public static function mainLake(Ground $ground): ?Position
    {
        [$at, $far] = [null, 0.0];
        foreach ($ground->shoreM as $i => $metres) {
            if ($metres > $far && ($ground->depth[$i] ?? 0.0) > 0 && $metres < INF) {
                [$at, $far] = [$i, $metres];
            }
        }
        $cols = $ground->grid->cols;

        return $at === null ? null : new Position(...$ground->grid->position($at % $cols, intdiv($at, $cols)));
    }

    /**
     * The places of an arm in the order of the walk, each with whether the line pinches there; nothing where there are too few.
     *
     * @param  list<Place>  $places
     * @param  list<float>  $wayFt  over the water from the main lake to each, in the same order; INF where none leads
     * @return list<array{place: Place, pinch: bool}>
     */
    public static function walk(array $places, array $wayFt): array
    {
        $steps = [];
        foreach ($places as $i => $place) {
            $pinch = $place->structure === Structure::Notch || ($place->shape !== null && $place->shape->bend <= self::PINCH);
            if ($wayFt[$i] < INF && ($pinch || $place->covers !== [])) {
                $steps[] = [! $pinch, $wayFt[$i], ['place' => $place, 'pinch' => $pinch]];
            }
        }
        usort($steps, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return count($steps) < self::LEAST ? [] : array_column($steps, 2);
    }
}
