<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Said;

/** One part of the mood: what it is, what it adds (−1 to +1) and the sentence. */
final readonly class MoodPart
{
    public function __construct(public string $key, public float $value, public string|Said $text)
    {
    }
}
