<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;

/**
 * An unknown that is worth asking for: its path in the contract, why, how much of today's choices its answer is expected to change (0 to
 * 1), and the plausible answers: in words, and what each says by paths of the contract, in its units.
 */
final readonly class Ask
{
    /** @param  list<array{string, array<string, mixed>}>  $answers */
    public function __construct(public string $path, public string|Said $why, public float $worth, public array $answers)
    {
    }
}
