<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Ribbon;

/** A stint on the ribbon: minutes of the local day from and to, a label, and the minutes of its contacts. */
final readonly class Fished
{
    /** @param  list<int>  $contacts */
    public function __construct(public int $from, public int $to, public string $label, public array $contacts)
    {
    }
}
