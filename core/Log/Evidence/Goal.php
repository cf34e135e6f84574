<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Words;

/** What a day is fished for (rule M23): any fish, or a big one. */
enum Goal: string
{
    use Words;

    case Numbers = 'numbers';
    case BigFish = 'big_fish';

    /** The length in inches that counts as one fish, and how much one contact can count at most and at least. Basis: our own choice. */
    private const USUAL_IN = 14.0;

    private const MOST = 4.0;

    private const LEAST = 0.3;

    /** What the contacts of a stint count for: each by its kind, and for a big fish by the cube of its length, as its weight goes. */
    public function weigh(Stint $stint): float
    {
        if ($this === self::Numbers) {
            return $stint->weight();
        }
        $sum = 0.0;
        foreach ($stint->contacts as $contact) {
            $size = $contact->lengthIn === null ? 1.0 : max(self::LEAST, min(self::MOST, ($contact->lengthIn / self::USUAL_IN) ** 3));
            $sum += $contact->kind->weight() * $size;
        }

        return $sum;
    }
}
