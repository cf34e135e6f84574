<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * The judgement on the stints that share something: their rate (contacts per cast), the probability (0 to 1) of
 * beating the rest (null where there is no rest), the verdict, what of it may be claimed (see Allowance), and for what
 * stands the blank casts until it is faded.
 */
final readonly class Judged
{
    public function __construct(public Rate $own, public ?float $pBetter, public Verdict $verdict, public Verdict $claim, public ?int $castsUntilFaded)
    {
    }
}
