<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

/** The best fish of a day that may be kept (rule Y7): running weight, the smallest, which to let go. Pounds throughout. */
final readonly class Bag
{
    /**
     * @param  list<BagFish>  $best  heaviest first
     * @param  list<BagFish>  $letGo  kept fish that are not among them, lightest first
     * @param  int  $keepers  caught fish that may be kept
     * @param  int  $small  caught fish that may not
     * @param  int  $unweighed  fish that may be kept and whose weight nothing says
     */
    private function __construct(
        public BagLimits $limits,
        public array $best,
        public array $letGo,
        public int $keepers,
        public int $small,
        public int $unweighed,
    ) {
    }

    /** @param  list<BagFish>  $caught  all fish of the day, in any order */
    public static function of(array $caught, BagLimits $limits): self
    {
        $keepers = array_values(array_filter($caught, $limits->allow(...)));
        $weighed = array_values(array_filter($keepers, static fn (BagFish $f): bool => $f->weighed !== null));
        usort($weighed, static fn (BagFish $a, BagFish $b): int => self::weight($b) <=> self::weight($a) ?: $a->id <=> $b->id);
        $best = array_slice($weighed, 0, $limits->number);
        $rest = array_reverse(array_slice($weighed, $limits->number));

        return new self(
            $limits, $best, array_values(array_filter($rest, static fn (BagFish $f): bool => $f->kept)), count($keepers), count($caught) - count($keepers),
            count($keepers) - count($weighed),
        );
    }

    /** What the best weigh together. */
    public function pounds(): float
    {
        return array_sum($this->weights());
    }

    /** @return list<float> what each of the best weighs, heaviest first */
    public function weights(): array
    {
        return array_map(self::weight(...), $this->best);
    }

    /** Without the biggest. */
    public function withoutBiggest(): float
    {
        return array_sum(array_slice($this->weights(), 1));
    }

    /** Whether it holds as many as it may. */
    public function isFull(): bool
    {
        return count($this->best) >= $this->limits->number;
    }

    /** The smallest of a full bag, which goes when a better one comes; null while there is room. */
    public function goesNext(): ?BagFish
    {
        return $this->isFull() ? $this->best[count($this->best) - 1] : null;
    }

    /** What is missing to a weight to beat (0 or more); 0 where it is beaten. */
    public function missingTo(float $pounds): float
    {
        return max(0.0, $pounds - $this->pounds());
    }

    private static function weight(BagFish $fish): float
    {
        return $fish->weighed?->mass->pounds() ?? 0.0;
    }
}
