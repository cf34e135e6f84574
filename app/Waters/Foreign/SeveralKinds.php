<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use RuntimeException;

/** A file that holds several things, each of which is read for itself. */
final class SeveralKinds extends RuntimeException
{
    /** @param  non-empty-array<string, string>  $kinds  words by the answer to "kind" */
    public function __construct(public readonly array $kinds)
    {
        parent::__construct('The file holds several things.');
    }
}
