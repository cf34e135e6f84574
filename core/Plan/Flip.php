<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;

/** A single change of the conditions that puts another lure first: the switch's name, in words, and that lure. */
final readonly class Flip
{
    public function __construct(public string $switch, public string|Said $change, public string $first)
    {
    }
}
