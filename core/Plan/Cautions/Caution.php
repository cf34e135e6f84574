<?php

declare(strict_types=1);

namespace OldEddy\Plan\Cautions;

use OldEddy\Basics\Said;

/** One short caution with its key. */
final readonly class Caution
{
    public function __construct(public string $id, public string|Said $text)
    {
    }
}
