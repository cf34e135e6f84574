<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** Prey that was seen today, and its color where that was seen too (rule C16). */
final readonly class Prey
{
    public function __construct(public Forage $forage, public ?PreyColor $color = null)
    {
    }
}
