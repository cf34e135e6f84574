<?php

declare(strict_types=1);

namespace OldEddy\Where\Stream;

use OldEddy\Basics\Said;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Structure;

/**
 * How a place in current is fished. Places are feet east and north of what breaks the current: where fish sit, where to
 * stand, where the cast lands; the lure is swept from there to the fish. Directions are compass degrees, a current's way
 * being downstream. Basis: rules S8, D4, D5; distances and weights are our own.
 */
final readonly class CurrentPlace
{
    /** The weights that heads and sinkers are cast in, ounces. */
    private const CAST_OZ = [0.125, 0.25, 0.375, 0.5, 0.75, 1.0];

    /**
     * @param  array{float, float}  $fishFt
     * @param  array{float, float}  $standFt
     * @param  array{float, float}  $castFt
     */
    private function __construct(
        public Structure $kind,
        public float $flowsToDeg,
        public array $fishFt,
        public array $standFt,
        public array $castFt,
        public float $weightOz,
        public string $side,
        public string|Said $text,
    ) {
    }

    /**
     * For a structure in a current that flows towards a compass direction; depth in feet. Open water lies in the direction
     * in which the bank faces; where that is unknown it is taken to lie on the right of the current. Null where there is
     * no current to reckon with.
     */
    public static function of(Structure $kind, Current $current, float $flowsToDeg, float $depthFt, ?float $bankFacesDeg = null): ?self
    {
        $speed = $current->feetPerSecond();
        if ($speed <= 0) {
            return null;
        }
        // Feet downstream and feet towards open water, of fish, angler and cast.
        [$fish, $stand, $cast, $side, $text] = match ($kind) {
            Structure::GravelBar => [
                [18, 0],
                [40, 35],
                [-12, 0],
                'below the bar, on the deep side',
                'They lie below the bar, where it falls off. Cast onto the bar and let it sweep over the edge.',
            ],
            Structure::CurrentSeam => [
                [0, -10],
                [30, -38],
                [-28, 8],
                'on the slow side, below',
                'They face upstream on the slow side of the seam. Cast above into the fast water and let it swing into the slow.',
            ],
            Structure::Eddy => [
                [14, -6],
                [38, 26],
                [-6, 10],
                'beside the seam, below',
                'The water turns back behind the obstacle: they may face the bank or downstream. Cast to the seam and let it be carried round.',
            ],
            Structure::Island, Structure::Bridge, Structure::RockPile, Structure::Riprap => [
                [14, 4],
                [30, 42],
                [-22, 8],
                'abreast of the slack, on the open side',
                'They sit behind it, where the push stops, some in the cushion before it. Cast above and let it sweep past into the slack.',
            ],
            Structure::CreekMouth => [
                [20, 10],
                [44, 34],
                [0, -14],
                'below the mouth, on the river side',
                'They wait at the edge where the two waters meet. Cast into the creek and let it wash out.',
            ],
            default => [
                [10, 2],
                [26, 36],
                [-20, 6],
                'abreast of the slack, on the open side',
                'Look for what breaks the current: reed, rock, log. They sit behind it. Cast above, let it sweep in.',
            ],
        };
        // Open water to the right of the current, or to its left.
        $right = $bankFacesDeg === null || sin(deg2rad($bankFacesDeg - $flowsToDeg)) >= 0 ? 1 : -1;
        [$east, $north] = [sin(deg2rad($flowsToDeg)), cos(deg2rad($flowsToDeg))];
        $place = static fn (array $at): array => [$at[0] * $east + $right * $at[1] * $north, $at[0] * $north - $right * $at[1] * $east];
        $fast = $current === Current::Strong ? ' In fast water they fight harder and move often.' : '';

        return new self($kind, $flowsToDeg, $place($fish), $place($stand), $place($cast), self::ounces($depthFt, $speed), $side, $text.$fast);
    }

    /** The direction of the cast, from where one stands. */
    public function castTowardDeg(): float
    {
        return self::bearing($this->standFt, $this->castFt);
    }

    /** The direction in which the lure is swept, from where it lands to the fish. */
    public function sweepTowardDeg(): float
    {
        return self::bearing($this->castFt, $this->fishFt);
    }

    /** Heavy enough to touch bottom: a quarter ounce in slack shallows, an ounce in a strong river current. */
    private static function ounces(float $depthFt, float $speedFtS): float
    {
        $needed = $depthFt <= 4 && $speedFtS < 1 ? 0.25 : 0.125 + 0.03 * $depthFt + 0.2 * $speedFtS;
        foreach (self::CAST_OZ as $ounces) {
            if ($ounces >= $needed - 0.03) {
                return $ounces;
            }
        }

        return self::CAST_OZ[count(self::CAST_OZ) - 1];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function bearing(array $from, array $to): float
    {
        return fmod(rad2deg(atan2($to[0] - $from[0], $to[1] - $from[1])) + 360, 360);
    }
}
