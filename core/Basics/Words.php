<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** The words of a keyed case, for people: "secondary_point" reads "secondary point". */
trait Words
{
    /** The key with spaces. */
    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** @return list<string> every key, in order */
    public static function keys(): array
    {
        return array_column(self::cases(), 'value');
    }
}
