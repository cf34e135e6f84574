<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;

/** An unknown that is worth asking for: its path in the contract, why, and how much of today's choices its answer is expected to change, 0 to 1. */
final readonly class Ask
{
    public function __construct(public string $path, public string|Said $why, public float $worth)
    {
    }
}
