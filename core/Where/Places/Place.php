<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Log\Evidence\StintPlace;
use OldEddy\Log\Next\Fishable;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Lake\Shape;
use OldEddy\Where\Shade\BankShade;

/**
 * A marked spot: position in degrees, what it is, depths in feet at the reference level, the compass direction from its
 * bank out over the water with the height of what stands on it (feet), and the fetch of open water before it in feet by
 * eight compass directions, from north clockwise, and the shape of
 * the bottom, where the lake's depths are known; the section of the lake it lies in, by its name;
 * its dock at the reference level.
 */
final readonly class Place
{
    /**
     * @param  list<Cover>  $covers
     * @param  ?list<float>  $fetchFt
     */
    public function __construct(
        public string $name,
        public float $lat,
        public float $lon,
        public ?Structure $structure = null,
        public array $covers = [],
        public ?Bottom $bottom = null,
        public ?float $shallowFt = null,
        public ?float $deepFt = null,
        public ?float $depthNearbyFt = null,
        public ?float $bankFacesDeg = null,
        public ?float $objectHeightFt = null,
        public ?float $setbackFt = null,
        public ?array $fetchFt = null,
        public ?Shape $shape = null,
        public ?string $section = null,
        public ?DockPlan $dock = null,
    ) {
    }

    /** The shade its bank throws, or null where the bank is not known. */
    public function shade(): ?BankShade
    {
        return $this->bankFacesDeg === null || $this->objectHeightFt === null ? null : new BankShade(
            $this->bankFacesDeg,
            $this->objectHeightFt,
            $this->setbackFt ?? 0.0,
        );
    }

    /** Width in feet of the shade its bank throws on the water at a minute of a day (0 to 1439); 0 where bank or sun are not known. */
    public function shadeFtAt(Settled $day, int $minute): float
    {
        $sun = $day->sunDay?->at($minute);

        return $sun === null ? 0.0 : $this->shade()?->widthFt($sun) ?? 0.0;
    }

    /** It as a place that can be fished: its first cover, and the depth within its own that is nearest to where fish stand (feet), at a level. */
    public function toFish(float $fishFt, float $levelFt): Fishable
    {
        $depth = $this->depthAt($levelFt);

        return new Fishable(
            $this->name,
            $this->structure?->value,
            ($this->covers[0] ?? null)?->value,
            null,
            null,
            $depth === null ? null : max($depth[0], min($depth[1], $fishFt)),
        );
    }

    /** It as the place of a stint that begins at a minute of a day (0 to 1439): its first cover, in the shade where its bank throws any. */
    public function asFished(Settled $day, int $minute): StintPlace
    {
        return new StintPlace($this->structure?->value, ($this->covers[0] ?? null)?->value, light: $this->shadeFtAt($day, $minute) > 0 ? 'shade' : null);
    }

    /** Whether no water stands on it at this level (feet over the reference). Rule W12. */
    public function isDryAt(float $levelFt): bool
    {
        return $this->deepFt !== null && $this->deepFt + $levelFt <= 0;
    }

    /** @return ?array{float, float} depths in feet when the water stands so many feet above (plus) or below the reference; null where unknown */
    public function depthAt(float $levelFt): ?array
    {
        return $this->shallowFt === null || $this->deepFt === null ? null : [max(0.0, $this->shallowFt + $levelFt), max(0.0, $this->deepFt + $levelFt)];
    }
}
