<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Stint;

/** One part of a hidden pattern: a factor, the levels the fish want of it, and what they multiply contacts per cast by (over 1). */
final readonly class HiddenPart
{
    /** @param  non-empty-list<string>  $levels */
    public function __construct(public string $factor, public array $levels, public float $times)
    {
    }

    /** @param  array<string, string>  $levels  of an offer, by factor */
    public function isMetBy(array $levels): bool
    {
        return in_array($levels[$this->factor] ?? null, $this->levels, true);
    }

    /** It for people. */
    public function words(): Said
    {
        return Said::listed(' or ', ...array_map(Stint::said(...), $this->levels));
    }
}
