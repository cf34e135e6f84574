<?php

declare(strict_types=1);

namespace App\Day;

/** One field of the conditions form: its path in the contract, label, kind of control and what it offers. */
final readonly class Field
{
    /**
     * @param  string  $kind  stepper, choice, choices, select, date, time, switch
     * @param  array<int|string, string>  $options  label by key
     */
    public function __construct(
        public string $path,
        public string $label,
        public string $kind,
        public array $options = [],
        public string $quantity = 'plain',
        public float $step = 1.0,
        public float $metricStep = 1.0,
        public float $start = 0.0,
        public bool $required = false,
        public string $unitSuffix = '',
    ) {
    }

    /** An id for the page. */
    public function id(): string
    {
        return 'f-'.str_replace(['.', '_'], '-', $this->path);
    }
}
