<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Said;
use OldEddy\Day\Season\Stage;

/** A stage with the sentence that says why. */
final readonly class StageFound
{
    public function __construct(public Stage $stage, public string|Said $why)
    {
    }
}
