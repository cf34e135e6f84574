<?php

declare(strict_types=1);

namespace OldEddy\Rules;

use OldEddy\Basics\Said;

/** One rule of the trade: its id, chapter of the rule book (1 to 10), basis, named source if it has one, and text. */
final readonly class Rule
{
    public function __construct(
        public string $id,
        public int $chapter,
        public Basis $basis,
        public ?string $source,
        public Said $text,
    ) {
    }
}
