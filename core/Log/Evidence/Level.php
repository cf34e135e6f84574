<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Said;
use Stringable;

/** One level of one factor: "reeds" of "cover". As a string it is "factor:level", as the contract writes it. */
final readonly class Level implements Stringable
{
    public function __construct(public string $factor, public string $name)
    {
    }

    /**
     * Whether a stint or an offer with these levels has it.
     *
     * @param  array<string, string>  $levels  by factor
     */
    public function isAmong(array $levels): bool
    {
        return ($levels[$this->factor] ?? null) === $this->name;
    }

    /** It for people. */
    public function words(): string|Said
    {
        return Stint::said($this->name);
    }

    /** As the contract writes it. */
    public function __toString(): string
    {
        return "{$this->factor}:{$this->name}";
    }
}
