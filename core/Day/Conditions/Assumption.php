<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Said;

/** Something nobody said and the core assumed: the field's path, the assumed value in the contract's units, and a sentence. */
final readonly class Assumption
{
    public function __construct(public string $path, public string|float|int|bool $value, public string|Said $text)
    {
    }
}
