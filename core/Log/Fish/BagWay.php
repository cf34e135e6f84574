<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use OldEddy\Log\Evidence\Rate;

/** One way to fish the rest of a day for the bag: how often it catches a keeper, and what its keepers weighed. */
final readonly class BagWay
{
    /**
     * @param  string  $lure  its key
     * @param  ?string  $spot  where; null for anywhere
     * @param  Rate  $keepers  per cast
     * @param  non-empty-list<float>  $pounds  of own keepers so caught
     */
    public function __construct(public string $lure, public ?string $spot, public Rate $keepers, public array $pounds)
    {
    }

    /** What one of its keepers weighs on the average, pounds. */
    public function meanPounds(): float
    {
        return array_sum($this->pounds) / count($this->pounds);
    }
}
