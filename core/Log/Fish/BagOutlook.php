<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * What the rest of a day promises to a bag (rule Y7), simulated: the rate is drawn from what own casts say of it, the fish come as
 * they come (Poisson), each weighs what one of one's own did, and the best count. Basis: own choice; standard statistics. Pounds.
 */
final readonly class BagOutlook
{
    private const DRAWS = self::RATES * self::DAYS;

    /** So many rates out of what own casts say, and so many days with each. */
    private const RATES = 100;

    private const DAYS = 40;

    /** No day brings more keepers than this. */
    private const MOST_FISH = 200;

    /** @param  list<float>  $totals  of the bag at the end of the day, lightest first */
    private function __construct(public BagWay $way, private array $totals)
    {
    }

    /**
     * @param  list<float>  $bag  what the best weigh now
     * @param  int  $number  how many count, 1 or more
     * @param  int  $casts  left, 0 or more
     */
    public static function of(BagWay $way, array $bag, int $number, int $casts): self
    {
        // The same question has the same answer: its luck comes out of itself.
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', serialize([$way, $bag, $number, $casts]), true)));
        $totals = [];
        // Evenly over the shares of the rate's distribution, so that its tails are there in every answer.
        $rates = array_map(static fn (int $i): float => $way->keepers->quantile(($i + 0.5) / self::RATES), range(0, self::RATES - 1));
        for ($i = 0; $i < self::DRAWS; $i++) {
            $rate = $rates[$i % self::RATES];
            $fish = $bag;
            for ($n = self::poisson($rate * $casts, (intdiv($i, self::RATES) + self::share($luck)) / self::DAYS); $n > 0; $n--) {
                $fish[] = $way->pounds[$luck->getInt(0, count($way->pounds) - 1)];
            }
            rsort($fish);
            $totals[] = array_sum(array_slice($fish, 0, $number));
        }
        sort($totals);

        return new self($way, $totals);
    }

    /** The bag's weight to be expected. */
    public function mean(): float
    {
        return array_sum($this->totals) / self::DRAWS;
    }

    /** @return array{float, float} the span that holds it four times in five */
    public function span(): array
    {
        return [$this->totals[intdiv(self::DRAWS, 10)], $this->totals[intdiv(9 * self::DRAWS, 10)]];
    }

    /** The probability (0 to 1) that it comes to more than a weight. */
    public function beats(float $pounds): float
    {
        return count(array_filter($this->totals, static fn (float $t): bool => $t > $pounds)) / self::DRAWS;
    }

    /** How many fish come where so many (0 or more) are expected, at this share (0 to 1) of the distribution. */
    private static function poisson(float $expected, float $share): int
    {
        $term = $sum = exp(-$expected);
        for ($n = 0; $sum < $share && $n < self::MOST_FISH; $n++) {
            $term *= $expected / ($n + 1);
            $sum += $term;
        }

        return $n;
    }

    private static function share(Randomizer $luck): float
    {
        return ($luck->getInt(0, (1 << 30) - 1) + 0.5) / (1 << 30);
    }
}
