<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Said;

/** One thing that might be done differently (rule Y4): the sentence with its evidence, how sure it is (0 to 1), and what it is about. */
final readonly class Lesson
{
    public function __construct(public string|Said $text, public float $sure, public string $factor, public ?string $level = null)
    {
    }
}
