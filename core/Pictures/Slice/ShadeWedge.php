<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use OldEddy\Choice\Path\CoverShape;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/**
 * The wedge of shade under a roof or off the bank: where it lies on the surface, in feet from the angler, and how far it leans with each
 * foot of depth. Basis: the sun's angle, bent at the surface by the law of refraction (published, W. Snell; index of water 1.33 from
 * memory); how high a roof stands over the water is our own choice.
 */
final readonly class ShadeWedge
{
    private const WATER_INDEX = 1.33;

    /** How high the roofs stand over the water, feet. */
    private const ROOF_FT = ['overhang' => 5.0, 'dock' => 1.5, 'grass_matted' => 0.0, 'lily_pads' => 0.0];

    /** A sun nearly down throws no edge. */
    private const SUN_FROM_DEG = 3.0;

    /** @param  float  $leanPerFt  feet away from the angler for each foot down; negative leans toward him */
    private function __construct(public float $fromFt, public float $toFt, public float $leanPerFt)
    {
    }

    /** Width of the shade on the surface, feet. */
    public function widthFt(): float
    {
        return $this->toFt - $this->fromFt;
    }

    /**
     * The shade of a reading in a section of some length (feet): that of a roof where there is one, else the shade said of the spot.
     * Null where no sun shines.
     */
    public static function of(Reading $reading, float $lengthFt): ?self
    {
        $sun = $reading->day->sunElevationDeg;
        if ($sun === null || $sun < self::SUN_FROM_DEG || $reading->day->sky->isCovered()) {
            return null;
        }
        $ahead = SkyAbove::ahead($reading);
        // With the sun ahead the shade falls toward the angler.
        $lean = -$ahead * tan(asin(cos(deg2rad($sun)) / self::WATER_INDEX));
        $width = $reading->day->spot->shadeWidthFt;
        if ($width !== null && $width > 0) {
            return new self(max(0.0, $lengthFt - $width), $lengthFt, $lean);
        }
        foreach (self::ROOF_FT as $cover => $height) {
            $roof = $reading->day->spot->has(Cover::from($cover)) ? CoverShape::of(Cover::from($cover)) : null;
            if ($roof !== null) {
                $shift = -$ahead * $height / tan(deg2rad($sun));
                $from = max(0.0, $lengthFt * $roof->from + $shift);

                return $from < $lengthFt ? new self($from, min($lengthFt, $lengthFt * $roof->to + $shift), $lean) : null;
            }
        }

        return null;
    }
}
