<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Words;

/** What tows the lines. */
enum BoatKind: string
{
    use Words;

    case Kayak = 'kayak';
    case Boat = 'boat';

    /** Lines that it starts with (T1). */
    public function lines(): int
    {
        return $this === self::Kayak ? 2 : 6;
    }

    /** Lines that it can tow. */
    public function mostLines(): int
    {
        return $this === self::Kayak ? 2 : 8;
    }

    /** Height of the rod tips above the water, feet. Basis: own choice. */
    public function tipFt(): float
    {
        return $this === self::Kayak ? 2.5 : 4.0;
    }
}
