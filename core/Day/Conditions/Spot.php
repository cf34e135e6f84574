<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/**
 * The place fished. Depths in feet: shallowest and deepest of the spot itself (0 or more, in order), and the
 * deepest water close by. Shade width in feet from the bank. Cast bearing in degrees clockwise from north. The section is the part
 * of the lake it lies in, by the name that the day's sections have.
 */
final readonly class Spot
{
    /** @param  list<Cover>  $covers */
    public function __construct(
        public ?Structure $structure = null,
        public array $covers = [],
        public ?Bottom $bottom = null,
        public ?float $shallowFt = null,
        public ?float $deepFt = null,
        public ?float $depthNearbyFt = null,
        public ?Dock $dock = null,
        public ?bool $shaded = null,
        public ?float $shadeWidthFt = null,
        public ?float $castBearingDeg = null,
        public bool $isDry = false,
        public ?string $section = null,
    ) {
    }

    /**
     * The same spot with some of it said otherwise.
     *
     * @param  array<string, mixed>  $changes  by the names of the fields
     */
    public function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** The spot as it can be read today: one whose deepest part has no water on it is dry, and its depths say nothing (W12). */
    public function asItStands(): self
    {
        return $this->deepFt === null || $this->deepFt > 0 ? $this : $this->with(['shallowFt' => null, 'deepFt' => null, 'isDry' => true]);
    }

    /** Whether one of these covers is here. */
    public function has(Cover ...$covers): bool
    {
        foreach ($covers as $cover) {
            if (in_array($cover, $this->covers, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether there is wood of any kind. */
    public function hasWood(): bool
    {
        foreach ($this->covers as $cover) {
            if ($cover->isWood()) {
                return true;
            }
        }

        return false;
    }

    /** Whether there are single targets to cast at (rule L15). */
    public function hasTargets(): bool
    {
        return array_filter($this->covers, static fn (Cover $c): bool => $c->isTarget()) !== [];
    }

    /** Whether something roofs the water (rule F16). */
    public function isRoofed(): bool
    {
        return array_filter($this->covers, static fn (Cover $c): bool => $c->isRoof()) !== [];
    }

    /** Whether the bottom is rock. */
    public function isRocky(): bool
    {
        return $this->bottom === Bottom::Rock || $this->has(Cover::Rock) || in_array($this->structure, [Structure::RockPile, Structure::Riprap], true);
    }

    /** Whether plants of any kind grow here. */
    public function hasPlants(): bool
    {
        foreach ($this->covers as $cover) {
            if ($cover->isPlant()) {
                return true;
            }
        }

        return false;
    }

    /** Whether the spot is a dock or has one. */
    public function isDock(): bool
    {
        return $this->dock !== null || $this->structure === Structure::Dock || $this->has(Cover::Dock);
    }

    /** Whether the spot is known to have no cover: "none" was said, or covers were left empty. */
    public function isBare(): bool
    {
        return $this->covers === [] || $this->covers === [Cover::None];
    }

    /** Whether a shade line is fished here. */
    public function isShaded(): bool
    {
        return $this->shaded === true || $this->has(Cover::Shade) || ($this->shadeWidthFt ?? 0.0) > 0.0;
    }
}
