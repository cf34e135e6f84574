<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

/** Joins cells that lie side by side into patches. */
final class Patches
{
    /**
     * @param  array<int, true>  $cells  by index
     * @return list<list<int>> each patch's cells
     */
    public static function of(array $cells, int $cols): array
    {
        $patches = [];
        while ($cells !== []) {
            $start = array_key_first($cells);
            unset($cells[$start]);
            $patch = [$start];
            for ($n = 0; $n < count($patch); $n++) {
                $at = $patch[$n];
                $col = $at % $cols;
                for ($y = -1; $y <= 1; $y++) {
                    for ($x = -1; $x <= 1; $x++) {
                        $to = $at + $y * $cols + $x;
                        if ($col + $x >= 0 && $col + $x < $cols && isset($cells[$to])) {
                            unset($cells[$to]);
                            $patch[] = $to;
                        }
                    }
                }
            }
            $patches[] = $patch;
        }

        return $patches;
    }
}
