<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Color\ColorChooser;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Tackle\Box;
use OldEddy\Reading\Reading;

/**
 * What makes sense to change about a lure where it is fished (rule R22), one part at a time (M9): its colors for this water, weights (ounces) and lengths
 * (inches) beside the one that the rules take, its cadences, and depths (feet) above and below. Each list is in order, from light to
 * heavy, short to long, shallow to deep; cadences and colors the first choice first.
 */
final readonly class Variants
{
    /** Colors that are offered. */
    private const COLORS = 4;

    /** Casts that can stand for one another: to a target, or over the length of water. */
    private const TO_TARGETS = ['flip', 'pitch', 'skip'];

    private const OVER_WATER = ['parallel', 'fan', 'long'];

    /** So many weights and lengths to either side. */
    private const BESIDE = 1;

    /** Running depths to either side, feet; the step grows with the depth. */
    private const LEAST_STEP_FT = 1.0;

    private const STEP_SHARE = 0.4;

    /**
     * @param  non-empty-list<ColorChoice>  $colors
     * @param  list<float>  $weightsOz
     * @param  list<float>  $lengthsIn
     * @param  non-empty-list<string>  $retrieves
     * @param  list<float>  $depthsFt
     * @param  list<string>  $casts  kinds of casts (R18)
     */
    private function __construct(
        public array $colors,
        public array $weightsOz,
        public array $lengthsIn,
        public array $retrieves,
        public array $depthsFt,
        public array $casts,
    ) {
    }

    /** Those of a lure on a day, around the way it is set up. */
    public static function of(LureFamily $lure, Reading $reading, Setup $setup): self
    {
        $box = Box::of($lure->key, $reading->day);

        return new self(
            self::colors(ColorChooser::choose($lure, $reading), $box),
            $lure->rigging->isUnweighted() ? [] : self::around($box->weightsOz($lure->rigging->weightsOz), $setup->spec->weightOz),
            self::around($box->lengthsIn($lure->rigging->lengthsIn), $setup->spec->lengthIn),
            $lure->cadences,
            self::depths($lure, $reading, $setup->depthFt),
            self::casts($setup),
        );
    }

    /**
     * The colors that the water asks for; where the box tells its own, those of them first, then the rest of the box (K4).
     *
     * @param  non-empty-list<ColorChoice>  $asked
     * @return non-empty-list<ColorChoice>
     */
    private static function colors(array $asked, Box $box): array
    {
        $held = new HeldColors($asked, $box);
        $colors = array_slice([...$held->both, ...$held->others], 0, self::COLORS);

        return $colors === [] ? array_slice($asked, 0, self::COLORS) : $colors;
    }

    /**
     * The value and its neighbours.
     *
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function around(array $values, float $value): array
    {
        $values = array_values(array_unique([...$values, $value]));
        sort($values);
        $at = (int) array_search($value, $values, true);

        return array_slice($values, max(0, $at - self::BESIDE), self::BESIDE + 1 + min($at, self::BESIDE));
    }

    /** @return list<string> the kind that the rules take first */
    private static function casts(Setup $setup): array
    {
        $kinds = in_array($setup->castKind, self::TO_TARGETS, true) ? self::TO_TARGETS : self::OVER_WATER;

        return in_array($setup->castKind, $kinds, true) ? array_values(array_unique([$setup->castKind, ...$kinds])) : [];
    }

    /** @return list<float> */
    private static function depths(LureFamily $lure, Reading $reading, float $depthFt): array
    {
        if ($lure->isSurface()) {
            return [];
        }
        $step = max(self::LEAST_STEP_FT, round(self::STEP_SHARE * $depthFt));
        $floor = $reading->day->spot->deepFt ?? INF;
        $depths = array_map(static fn (float $d): float => max($lure->hydraulics->fromFt, min($lure->hydraulics->toFt, $floor, $d)), [
            max(0.5, $depthFt - $step), $depthFt, $depthFt + $step,
        ]);
        $depths = array_values(array_unique($depths));
        sort($depths);

        return $depths;
    }
}
