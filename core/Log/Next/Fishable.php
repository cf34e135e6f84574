<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Stint;

/**
 * A place one could fish: a name, what is known of it, the depth of its water in feet (D12), minutes to get there, and how
 * well each lure fits it by the place's own lineup (M21; over 0, by lure; empty where nobody reckoned it).
 */
final readonly class Fishable
{
    /** Water is not measured to the foot. */
    private const SLACK_FT = 1.0;

    /** @var array<string, string> */
    private array $levels;

    /** @param  array<string, float>  $fits  by lure */
    public function __construct(
        public string $name,
        public ?string $structure = null,
        public ?string $cover = null,
        public ?string $coverPart = null,
        public ?string $light = null,
        public ?float $waterDepthFt = null,
        public float $travelMin = 0.0,
        public array $fits = [],
    ) {
        $this->levels = array_filter([
            'structure' => $this->structure,
            'cover' => $this->cover,
            'cover_part' => $this->coverPart,
            'light' => $this->light,
            'water_depth' => Stint::depthLevel($this->waterDepthFt),
            'spot' => $this->name,
        ], static fn (?string $level): bool => $level !== null);
    }

    /** @return array<string, string> known levels by factor, as a stint here would have them */
    public function levels(): array
    {
        return $this->levels;
    }

    /**
     * The same with the way there in minutes and how lures fit it.
     *
     * @param  array<string, float>  $fits  by lure
     */
    public function with(float $travelMin, array $fits): self
    {
        return new self($this->name, $this->structure, $this->cover, $this->coverPart, $this->light, $this->waterDepthFt, $travelMin, $fits);
    }

    /** @return list<string> the lures that fit it best, best first: so many (1 or more) */
    public function bestFitting(int $count): array
    {
        $fits = $this->fits;
        arsort($fits);

        return array_slice(array_keys($fits), 0, $count);
    }

    /** Whether a presentation can run here: not deeper than the water. */
    public function canShow(Presentation $presentation): bool
    {
        return $presentation->depthFt === null || $this->waterDepthFt === null || $presentation->depthFt <= $this->waterDepthFt + self::SLACK_FT;
    }
}
