<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Stint;

/** What could be fished today: the places known and the presentations rigged. Either may be empty. */
final readonly class Choices
{
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

    /** What a stint showed: its very lure in its color, the lure in another, or null when neither is to hand. */
    public function presentation(Stint $stint): ?Presentation
    {
        $same = null;
        foreach ($this->presentations as $one) {
            if ($one->lure === ($stint->levels['lure'] ?? null)) {
                if ($one->color === ($stint->levels['color'] ?? null)) {
                    return $one;
                }
                $same ??= $one;
            }
        }

        return $same;
    }
}
