<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

/** One proposal for the next move: what to do, the sentence, and the rule behind it. */
final readonly class Move
{
    public function __construct(public Action $action, public string $text, public string $ruleId)
    {
    }
}
