<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

/** A file made ready for our own readers: where it lies, what was understood on the way, and which answers are still to be used. */
final readonly class Prepared
{
    /**
     * @param  list<array{string, string}>  $words  what was understood so far, in words
     * @param  array<string, mixed>  $said  answers that were not used up
     */
    public function __construct(public string $path, public array $words, public array $said)
    {
    }

    /** @return bool whether another program had a part in it */
    public function isForeign(): bool
    {
        return $this->words !== [];
    }
}
