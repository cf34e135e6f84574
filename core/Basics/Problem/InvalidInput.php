<?php

declare(strict_types=1);

namespace OldEddy\Basics\Problem;

use RuntimeException;

/** Input that cannot be worked with: every problem found, not only the first. */
final class InvalidInput extends RuntimeException
{
    /** @param  non-empty-list<InputProblem>  $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct($problems[0]->path.': '.$problems[0]->message);
    }

    /** @return list<array{path: string, message: string}> */
    public function toArray(): array
    {
        return array_map(
            static fn (InputProblem $p): array => ['path' => $p->path, 'message' => $p->message],
            $this->problems,
        );
    }
}
