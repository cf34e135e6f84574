<?php

declare(strict_types=1);

namespace OldEddy\Where\Drift;

use OldEddy\Where\Lake\Position;

/** A lane of a drift: from where to where, its mean depth (feet), minutes at the drift's speed, and the casts they take. */
final readonly class Lane
{
    public function __construct(public Position $from, public Position $to, public float $depthFt, public float $minutes, public int $casts)
    {
    }
}
