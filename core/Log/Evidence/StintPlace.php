<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** What is known of the place of a stint when it begins: structure, cover, part of the cover, light, each by its word or null. */
final readonly class StintPlace
{
    public function __construct(public ?string $structure, public ?string $cover, public ?string $coverPart = null, public ?string $light = null)
    {
    }

    /**
     * A spot fished before today is what it was then, its light what the day says; one that is marked on the lake is what is
     * known of it; any other is as the day's conditions have it. Basis: own choice.
     */
    public static function known(?self $before, ?self $marked, self $said): self
    {
        return match (true) {
            $before !== null => new self($before->structure, $before->cover, $before->coverPart, $said->light),
            $marked !== null => $marked,
            default => $said,
        };
    }
}
