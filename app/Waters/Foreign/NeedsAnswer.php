<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Models\Question;
use RuntimeException;

/** A file of which nothing can be read before something is said of it. */
final class NeedsAnswer extends RuntimeException
{
    /**
     * @param  list<array{string, string}>  $words  what was understood so far
     * @param  list<Question>  $questions
     */
    public function __construct(public readonly array $words, public readonly array $questions)
    {
        parent::__construct('Something has to be said of the file first.');
    }
}
