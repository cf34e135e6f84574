<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;

/** What one school would do on a day: its key and name, whether it speaks by default or choice, and the advice. */
final readonly class SchoolView
{
    /**
     * @param  array<string, string|Said>  $advice  sentence by subject
     * @param  list<string>  $differs  subjects on which the schools of this key disagree today
     */
    public function __construct(public string $key, public string $school, public bool $speaks, public array $advice, public array $differs)
    {
    }
}
