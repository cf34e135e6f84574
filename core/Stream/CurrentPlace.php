<?php

declare(strict_types=1);

namespace OldEddy\Stream;

use OldEddy\Conditions\Current;
use OldEddy\Conditions\Structure;

/**
 * How a place in current is fished: where fish sit (degrees from the obstacle, the current's way being downstream), where
 * to stand and cast, how heavy. Basis: rules S8, D4; the weights are our own.
 */
final readonly class CurrentPlace
{
    private function __construct(
        public Structure $kind,
        public float $flowsToDeg,
        public float $fishAtDeg,
        public float $standAtDeg,
        public float $castTowardDeg,
        public float $sweepTowardDeg,
        public float $weightOz,
        public string $text,
    ) {
    }

    /** For a structure in a current that flows towards a compass direction; depth in feet. Null where the current is nothing to reckon with. */
    public static function of(Structure $kind, Current $current, float $flowsToDeg, float $depthFt): ?self
    {
        $speed = $current->feetPerSecond();
        if ($speed <= 0) {
            return null;
        }
        $turn = static fn (float $deg): float => fmod($flowsToDeg + $deg + 720, 360);
        // Fish relative to the obstacle, angler relative to the fish, cast and sweep; all against the current's way.
        [$fish, $stand, $text] = match ($kind) {
            Structure::GravelBar => [0.0, 60.0, 'They lie below the bar, where it falls off. Cast onto the bar and let it sweep over the edge.'],
            Structure::CurrentSeam => [90.0, 150.0, 'They face upstream on the slow side of the seam. Stand on the slow side, cast above into the fast water and let it swing into the slow.'],
            Structure::Eddy => [0.0, 90.0, 'The water turns back behind the obstacle: they may face the bank or downstream. Cast to the seam and let it be carried round.'],
            Structure::Island, Structure::Bridge, Structure::RockPile, Structure::Riprap => [0.0, 100.0, 'They sit behind it, where the push stops, some in the cushion before it. Cast above and let it sweep past into the slack.'],
            Structure::CreekMouth => [45.0, 120.0, 'They wait at the edge where the two waters meet. Cast into the creek and let it wash out.'],
            default => [0.0, 90.0, 'Look for what breaks the current: reed, rock, log. They sit behind it. Cast above, let it sweep in.'],
        };
        $weight = $depthFt <= 4 && $speed < 1 ? 0.25 : min(1.0, 0.125 + 0.03 * $depthFt + 0.15 * $speed);
        $clear = $current === Current::Strong ? ' In fast water they fight harder and move often.' : '';

        return new self($kind, $flowsToDeg, $turn($fish), $turn($stand), $turn(180 - $stand / 3), $turn($stand > 90 ? -60 : -30), round($weight * 16) / 16, $text.$clear);
    }
}
