<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;

/** A single change of the conditions that puts another lure first. */
final readonly class Flip
{
    public function __construct(public string|Said $change, public string $first)
    {
    }
}
