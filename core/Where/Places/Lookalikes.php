<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Day\Conditions\Cover;

/** Spots like one spot: same structure, cover, depth, angle of the bank, shape of the bottom. Basis: rule S6; the shares are our own. */
final class Lookalikes
{
    /** From this likeness on a spot is called alike. */
    private const ALIKE = 0.55;

    /**
     * @param  list<Place>  $places
     * @return list<array{place: Place, likeness: float, shared: list<string>}> the most alike first; likeness 0 to 1
     */
    public static function of(Place $one, array $places): array
    {
        $found = [];
        foreach ($places as $other) {
            [$likeness, $shared] = self::compare($one, $other);
            if ($other->name !== $one->name && $likeness >= self::ALIKE) {
                $found[] = ['place' => $other, 'likeness' => $likeness, 'shared' => $shared];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['likeness'] <=> $a['likeness']);

        return $found;
    }

    /** @return array{float, list<string>} */
    private static function compare(Place $one, Place $other): array
    {
        [$sum, $of, $shared] = [0.0, 0.0, []];
        $count = static function (float $weight, float $like, string $words) use (&$sum, &$of, &$shared): void {
            $of += $weight;
            $sum += $weight * $like;
            if ($like >= 0.6) {
                $shared[] = $words;
            }
        };
        if ($one->structure !== null) {
            $count(3.0, $other->structure === $one->structure ? 1.0 : 0.0, $one->structure->words());
        }
        if ($one->covers !== []) {
            $same = array_values(array_filter($one->covers, static fn (Cover $c): bool => in_array($c, $other->covers, true)));
            $count(
                3.0,
                count($same) / max(count($one->covers), count($other->covers)),
                implode(', ', array_map(static fn (Cover $c): string => $c->words(), $same)),
            );
        }
        if ($one->shallowFt !== null && $one->deepFt !== null) {
            $both = $other->shallowFt === null || $other->deepFt === null ? 0.0 : max(
                0.0,
                min($one->deepFt, $other->deepFt) - max($one->shallowFt, $other->shallowFt),
            );
            $all = max($one->deepFt, $other->deepFt ?? 0.0) - min($one->shallowFt, $other->shallowFt ?? 0.0);
            $count(2.0, $all > 0 ? $both / $all : 0.0, 'depth');
        }
        if ($one->bottom !== null) {
            $count(1.0, $other->bottom === $one->bottom ? 1.0 : 0.0, $one->bottom->words().' bottom');
        }
        if ($one->bankFacesDeg !== null) {
            $count(1.0, $other->bankFacesDeg === null ? 0.0 : (1 + cos(deg2rad($one->bankFacesDeg - $other->bankFacesDeg))) / 2, 'angle of the bank');
        }

        if ($one->shape !== null && $other->shape !== null) {
            $count(2.0, $one->shape->likeness($other->shape), 'shape of the bottom');
        }

        return [$of > 0 ? $sum / $of : 0.0, $shared];
    }
}
