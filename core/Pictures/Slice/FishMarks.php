<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use Closure;
use OldEddy\Choice\Path\CoverShape;
use OldEddy\Reading\Reading;
use OldEddy\Reading\Tightness;

/**
 * Where fish may stand in a section: against its cover, a few feet off it, or spread over the band, as tight as the reading says and
 * as high in the column. Basis: the reading's band, column and tightness; how many are drawn and the feet below are our own choice.
 */
final readonly class FishMarks
{
    private const MOST = 5;

    /** A fish near cover is so far off it, feet. */
    private const OFF_COVER_FT = 3.0;

    /** @param  Closure(float): float  $bottomAt  depth in feet at a distance in feet */
    public function __construct(private Reading $reading, private Closure $bottomAt, private Hand $hand)
    {
    }

    /**
     * The marks between two distances from the angler (feet), in order of distance.
     *
     * @return list<FishMark>
     */
    public function between(float $fromFt, float $toFt, float $lengthFt): array
    {
        if ($toFt <= $fromFt) {
            return [];
        }
        $places = $this->reading->stand->tightness === Tightness::Roaming ? [] : $this->atCover($fromFt, $toFt, $lengthFt);
        $places = $places !== [] ? $places : $this->hand->spread($fromFt, $toFt, self::MOST);
        sort($places);

        $standing = $this->reading->standing();
        $marks = [];
        foreach ($places as $i => $at) {
            // One after the other at each of the depths at which they hang there.
            $depths = $standing->depths(($this->bottomAt)($at));
            $marks[] = new FishMark($at, $depths[$i % count($depths)]);
        }

        return $marks;
    }

    /** @return list<float> distances at the cover, where it lies in the stretch */
    private function atCover(float $fromFt, float $toFt, float $lengthFt): array
    {
        $off = $this->reading->stand->tightness === Tightness::Near ? self::OFF_COVER_FT : 0.0;
        $places = [];
        foreach ($this->reading->covers as $cover) {
            $shape = CoverShape::of($cover);
            if ($shape !== null) {
                $places = [...$places, $lengthFt * $shape->from - $off, $lengthFt * ($shape->from + $shape->to) / 2, $lengthFt * $shape->to + $off];
            }
        }

        return array_slice(array_values(array_filter($places, static fn (float $at): bool => $at >= $fromFt && $at <= $toFt)), 0, self::MOST);
    }
}
