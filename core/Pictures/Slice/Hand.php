<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** The hand that draws: its wavering comes from a seed, so that the same water is always drawn the same way. */
final class Hand
{
    private const FINE = 10000;

    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** A number between two others, in steps of a ten-thousandth of the way. */
    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->random->getInt(0, self::FINE) / self::FINE;
    }

    /**
     * Places about evenly spread over a stretch, each shaken by up to a third of the gap, in order.
     *
     * @return list<float>
     */
    public function spread(float $from, float $to, int $count): array
    {
        $gap = ($to - $from) / max(1, $count);

        return array_map(fn (int $i): float => $from + ($i + 0.5 + $this->between(-0.33, 0.33)) * $gap, $count < 1 ? [] : range(0, $count - 1));
    }
}
