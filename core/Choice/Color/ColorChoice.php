<?php

declare(strict_types=1);

namespace OldEddy\Choice\Color;

/** One color to show: its family, its name for people, why, and the rule; the school, if one spoke. */
final readonly class ColorChoice
{
    public function __construct(
        public ColorFamily $family,
        public string $name,
        public string $why,
        public string $ruleId,
        public ?string $school = null,
    ) {
    }

    /** The same by another name, where there is one. */
    public function named(?string $name): self
    {
        return $name === null ? $this : new self($this->family, $name, $this->why, $this->ruleId, $this->school);
    }
}
