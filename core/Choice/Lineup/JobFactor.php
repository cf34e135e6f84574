<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;

/** A factor that speaks of the lures that do the jobs of the day, by name. */
abstract readonly class JobFactor extends ReadyFactor
{
    /** @var array<string, Effect> by lure */
    private array $byLure;

    /** @param  list<array{Job, Effect}>  $jobs  the jobs of the day, the one that counts for a lure with several first */
    final protected function __construct(array $jobs)
    {
        $byLure = [];
        foreach ($jobs as [$job, $effect]) {
            $byLure += array_fill_keys(array_keys(Catalog::doing($job)), $effect);
        }
        $this->byLure = $byLure;
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return $this->byLure[$lure->key] ?? null;
    }
}
