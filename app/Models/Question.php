<?php

declare(strict_types=1);

namespace App\Models;

/** Something a file leaves open, with the answers there are; answered before anything of it is kept. */
final readonly class Question
{
    /** @param  array<array-key, string>  $options  words by answer; empty where a number is wanted */
    public function __construct(public string $key, public string $text, public array $options, public string $likely = '')
    {
    }
}
