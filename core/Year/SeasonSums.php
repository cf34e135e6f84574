<?php

declare(strict_types=1);

namespace OldEddy\Year;

/** What a season's casts add up to, as far as lessons are drawn from it (rule Y4). */
final readonly class SeasonSums
{
    /**
     * @param  int  $casts  of all days
     * @param  float  $contacts  weighed
     * @param  array<string, array<string, Sum>>  $castNumbers  by structure ("" where it was not known), by span of casts
     * @param  array<string, list<AgainstTheRest>>  $against  by factor
     * @param  array<string, Tally>  $landed  by lure
     * @param  Tally  $stayed  first fish after which five more casts were given
     * @param  Tally  $second  of these, followed by another
     */
    public function __construct(
        public int $casts,
        public float $contacts,
        public array $castNumbers,
        public array $against,
        public array $landed,
        public Tally $stayed,
        public Tally $second,
    ) {
    }
}
