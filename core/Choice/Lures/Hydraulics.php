<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

/** What a family does in the water: how deep and how fast it works, whether it dives, sinks or floats. */
final readonly class Hydraulics
{
    /**
     * @param  float  $fromFt  least working depth, feet; $toFt: greatest
     * @param  float  $slowestFtS  slowest useful speed, feet a second; $fastestFtS: fastest
     * @param  list<float>  $diveTiersFt  rated running depths of diving plugs, feet, shallow to deep
     * @param  ?float  $sinkFtS  own sink rate, feet a second, where weight does not decide it
     * @param  float  $bulk  0 to 1: how much its body slows the fall
     * @param  float  $standsOffFt  feet it is held above the bottom
     */
    public function __construct(
        public float $fromFt,
        public float $toFt,
        public float $slowestFtS,
        public float $fastestFtS,
        public Buoyancy $buoyancy,
        public array $diveTiersFt,
        public ?float $sinkFtS,
        public float $bulk,
        public float $standsOffFt,
    ) {
    }
}
