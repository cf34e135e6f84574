<?php

declare(strict_types=1);

namespace OldEddy\Contract;

/**
 * A field of a day, a spot, a stint or a contact: its path in the contract, its words for people, what can stand in it, and
 * how far it goes. Numbers run from $least to $most in $unit; texts have $most characters; the others have options.
 */
final readonly class Field
{
    /** @param  list<string>  $options  keys */
    public function __construct(
        public string $path,
        public FieldKind $kind,
        public string $words,
        public string $unit = '',
        public float $least = 0,
        public float $most = 0,
        public array $options = [],
    ) {
    }

    /** The last part of its path: its key in its own object. */
    public function key(): string
    {
        return substr((string) strrchr('.'.$this->path, '.'), 1);
    }
}
