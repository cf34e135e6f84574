<?php

declare(strict_types=1);

namespace OldEddy\Basics\Problem;

/** One thing wrong with the input: where (dotted path of the field) and what. */
final readonly class InputProblem
{
    public function __construct(public string $path, public string $message)
    {
    }
}
