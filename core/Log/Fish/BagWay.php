<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;

/** One way to fish the rest of a day for the bag: how often it catches a keeper, and what its keepers weighed. */
final readonly class BagWay
{
    /** So many own keepers say how often one comes and what it weighs; fewer say nothing. Basis: own choice. */
    public const KEEPERS = 3;

    /** Before own casts say anything, a keeper comes once in so many; worth so many casts. Basis: own choice. */
    private const USUAL_PER_CAST = 1 / 80;

    private const USUAL_CASTS = 80.0;

    /**
     * @param  string  $lure  its key
     * @param  ?string  $spot  where; null for anywhere
     * @param  Rate  $keepers  per cast
     * @param  non-empty-list<float>  $pounds  of own keepers so caught
     */
    public function __construct(public string $lure, public ?string $spot, public Rate $keepers, public array $pounds)
    {
    }

    /**
     * A way out of one's own log; null where its keepers are too few to say.
     *
     * @param  int  $casts  made so, 0 or more
     * @param  list<float>  $pounds  of own keepers so caught
     */
    public static function of(string $lure, ?string $spot, int $casts, array $pounds): ?self
    {
        return count($pounds) < self::KEEPERS ? null
            : new self($lure, $spot, Rate::after(new Prior(self::USUAL_PER_CAST, self::USUAL_CASTS), count($pounds), $casts), $pounds);
    }

    /** What one of its keepers weighs on the average, pounds. */
    public function meanPounds(): float
    {
        return array_sum($this->pounds) / count($this->pounds);
    }
}
