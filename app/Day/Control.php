<?php

declare(strict_types=1);

namespace App\Day;

use App\Show\Units;
use OldEddy\Contract\Field;

/** How a field of the day stands on the form: its kind of control, what it offers, and by how much it steps. All else is the field's own. */
final readonly class Control
{
    public string $path;

    public string $label;

    public string $quantity;

    /**
     * @param  string  $kind  stepper, choice, choices, select, date, time, switch
     * @param  array<int|string, string>  $options  label by key
     */
    public function __construct(
        public Field $field,
        public string $kind,
        public array $options = [],
        public float $step = 1.0,
        public float $metricStep = 1.0,
        public float $start = 0.0,
        public bool $required = false,
    ) {
        $this->path = $field->path;
        $this->label = $field->words;
        $this->quantity = Units::quantityOf($field);
    }

    /** An id for the page. */
    public function id(): string
    {
        return 'f-'.str_replace(['.', '_'], '-', $this->path);
    }

    /** The option that a value is, as its key; null for what is no option. */
    public function keyOf(mixed $value): ?string
    {
        return match (true) {
            is_bool($value) => $value ? '1' : '0',
            is_array($value) => null,
            default => (string) $value,
        };
    }
}
