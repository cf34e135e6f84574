<?php

declare(strict_types=1);

namespace OldEddy\Rules;

/** The chapters of the rule book, in the order of the work. */
enum Chapter: int
{
    case Water = 1;
    case Season = 2;
    case Lures = 3;
    case Color = 4;
    case Depth = 5;
    case Retrieve = 6;
    case Where = 7;
    case Log = 8;
    case Trolling = 9;
    case Cautions = 10;
    case Year = 11;
    case Together = 12;

    /** Its heading. */
    public function words(): string
    {
        return match ($this) {
            self::Water => 'Reading the water',
            self::Season => 'Season and position',
            self::Lures => 'Lures',
            self::Color => 'Color',
            self::Depth => 'Depth, weight and line',
            self::Retrieve => 'Retrieve',
            self::Where => 'Where',
            self::Log => 'The log and the next move',
            self::Trolling => 'Trolling and care',
            self::Cautions => 'Cautions',
            self::Year => 'What the year teaches',
            self::Together => 'Together',
        };
    }

    /** @return list<Rule> its rules, in the order of the book */
    public function rules(): array
    {
        return array_values(array_filter(RuleBook::all(), fn (Rule $rule): bool => $rule->chapter === $this->value));
    }
}
