<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Stint;

/** What could be fished today: the places known and the presentations rigged. Either may be empty. */
final readonly class Choices
{
    /** Of the parts of a presentation the color outweighs all others together: it is another bait in the hand. */
    private const COLOR_COUNTS = 10;

    /**
     * @param  list<Fishable>  $places  in the order in which they would be searched
     * @param  list<Presentation>  $presentations
     */
    public function __construct(public array $places = [], public array $presentations = [])
    {
    }

    /** Whether nothing is known of what could be fished; advice is general then. */
    public function isEmpty(): bool
    {
        return $this->places === [] || $this->presentations === [];
    }

    /** The place with this name, or null. */
    public function place(?string $name): ?Fishable
    {
        foreach ($this->places as $place) {
            if ($place->name === $name) {
                return $place;
            }
        }

        return null;
    }

    /** What a stint showed, part by part; else its lure in its color, else its lure; null when that is not to hand. */
    public function presentation(Stint $stint): ?Presentation
    {
        $nearest = null;
        $most = 0;
        foreach ($this->presentations as $one) {
            if ($one->lure === ($stint->levels['lure'] ?? null)) {
                $color = $one->color === ($stint->levels['color'] ?? null) ? self::COLOR_COUNTS : 0;
                $shared = $color + count(array_intersect_assoc($one->levels(), $stint->levels));
                if ($shared > $most) {
                    [$nearest, $most] = [$one, $shared];
                }
            }
        }

        return $nearest;
    }

    /** @return array<string, list<string>> the levels that could be fished, by factor */
    public function levels(): array
    {
        $levels = [];
        foreach ([...$this->places, ...$this->presentations] as $one) {
            foreach ($one->levels() as $factor => $level) {
                $levels[$factor][$level] = $level;
            }
        }

        return array_map(array_values(...), $levels);
    }

    /** @return array<string, float> how well each lure that is to hand fits the day, by lure */
    public function lures(): array
    {
        $lures = [];
        foreach ($this->presentations as $one) {
            $lures[$one->lure] = $one->fit;
        }

        return $lures;
    }
}
