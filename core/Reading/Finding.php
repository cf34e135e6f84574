<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Said;

/** One thing the water says today: the rule that says so, the sentence, and the school that spoke, if one did. */
final readonly class Finding
{
    public function __construct(public string $id, public string|Said $text, public ?string $school = null)
    {
    }
}
