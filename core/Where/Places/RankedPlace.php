<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

/** A spot with its fit for an hour (over 0; the product of its reasons) and the reasons. */
final readonly class RankedPlace
{
    public float $fit;

    /** @param  list<Reason>  $reasons */
    public function __construct(public Place $place, public array $reasons)
    {
        $this->fit = array_product(array_map(static fn (Reason $r): float => $r->effect, $reasons));
    }
}
