<?php

declare(strict_types=1);

namespace OldEddy\Plan\Cautions;

/** One short caution with its key. */
final readonly class Caution
{
    public function __construct(public string $id, public string $text)
    {
    }
}
