<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use OldEddy\Log\Evidence\Knot;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Presentation;

/** What the knot of each rod went through (K2), in words. */
final class KnotWords
{
    /**
     * By the key of the rod; rods that were not cast since are not among them.
     *
     * @param  list<Stint>  $stints  of the day
     * @return array<string, string>
     */
    public static function of(Trip $trip, array $stints): array
    {
        $words = [];
        foreach ($stints as $stint) {
            [$lure, $color] = [$stint->levels['lure'] ?? '', $stint->levels['color'] ?? ''];
            $rod = Presentation::key($lure, $color);
            if (isset($words[$rod])) {
                continue;
            }
            $knot = Knot::of($stints, $lure, $color, $trip->knots[$rod] ?? null);
            $words[$rod] = $knot->hours <= 0 ? '' : sprintf('%d fish, %.1f h on this knot', $knot->fish, $knot->hours);
        }

        return array_filter($words);
    }
}
