<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\WaterReader;

/** How well every lure fits a place, by the lineup that the day has there: a proposal is weighed by it. Basis: rule M21. */
final class PlaceFits
{
    /** What a lure is worth at a place whose lineup rules it out, against one that stands last. Basis: our own choice. */
    private const RULED_OUT = 0.1;

    /** Water is taken to reach so far around the depth that was said, as a share of it. */
    private const AROUND = 0.3;

    /**
     * The scores of the lineup at a place, by lure; those that it rules out are far under them.
     *
     * @param  ?float  $waterFt  depth of the water there, feet
     * @param  list<string>  $lures  that are to hand, keys of the catalog
     * @return array<string, float>
     */
    public static function at(Settled $day, ?Structure $structure, ?Cover $cover, ?float $waterFt, ?string $light, array $lures): array
    {
        $said = $day->spot;
        $spot = $said->with([
            'structure' => $structure, 'covers' => $cover === null ? [] : [$cover],
            'shallowFt' => $waterFt === null ? null : $waterFt * (1 - self::AROUND), 'deepFt' => $waterFt === null ? null : $waterFt * (1 + self::AROUND),
            'dock' => null, 'shaded' => $light === 'shade', 'shadeWidthFt' => $light === 'shade' ? $said->shadeWidthFt : null,
        ]);
        $scores = [];
        foreach (LureRanking::of(WaterReader::read($day->with(['spot' => $spot])))->scored as $one) {
            $scores[$one->lure->key] = $one->score;
        }
        $least = min($scores);

        return array_combine($lures, array_map(static fn (string $lure): float => $scores[$lure] ?? self::RULED_OUT * $least, $lures));
    }
}
