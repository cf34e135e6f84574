<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

/** One form of a cover, in feet: points of distance from the angler and depth; above the surface depths are negative. */
final readonly class Form
{
    /** @param  non-empty-list<array{float, float}>  $points */
    public function __construct(public FormKind $kind, public array $points)
    {
    }
}
