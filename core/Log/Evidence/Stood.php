<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** A level that stood on a day: since when, and until when where it has faded (times as the stints have them). */
final readonly class Stood
{
    public function __construct(public LevelEvidence $level, public string $since, public ?string $until = null)
    {
    }
}
