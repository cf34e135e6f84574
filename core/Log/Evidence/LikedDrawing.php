<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use Random\Randomizer;

/**
 * Draws guesses at what is liked, one factor after the other with the others held as they are (Gibbs sampling). It is the one part of the
 * evidence that changes as it works: what every stint is expected to give is kept from one factor to the next, or a day would take too long.
 */
final class LikedDrawing
{
    /** Drawn as it comes: no factor matters, or which level is liked, by its place in the list. */
    private const NONE = -1;

    /** Luck comes in so many steps. */
    private const FINE = 2 ** 32;

    /** @var list<int> the liked level of each factor */
    private array $liked;

    /** What all stints would give, but for the scale. */
    private float $sum;

    private float $scale = 1.0;

    /** Contacts with those that the prior is worth. */
    private readonly float $contacts;

    private readonly float $logTimes;

    /**
     * @param  list<LikedFactor>  $factors
     * @param  list<float>  $casts  of each stint, weighed
     * @param  float  $logged  contacts in all, weighed
     * @param  float  $times  what a liked level brings against another
     * @param  float  $noMatter  how likely a factor does not matter, against one that does
     */
    public function __construct(
        private readonly array $factors, private array $casts, private readonly float $logged, private readonly Prior $prior, private readonly float $times,
        private readonly float $noMatter, private readonly Randomizer $luck,
    ) {
        $this->contacts = $logged + $prior->shape();
        $this->logTimes = log($times);
        $this->liked = array_fill(0, count($factors), self::NONE);
        $this->sum = array_sum($casts);
    }

    /** Every factor guessed at once more. */
    public function sweep(): void
    {
        foreach ($this->factors as $n => $factor) {
            $this->takeOut($n, $factor);
            $this->putIn($n, $factor, $this->draw($factor, $this->likely($factor)));
        }
    }

    /** @return array<string, string> the liked level by factor; factors that do not matter are left out */
    public function liked(): array
    {
        $liked = [];
        foreach ($this->factors as $n => $factor) {
            if ($this->liked[$n] !== self::NONE) {
                $liked[$factor->name] = $factor->levels[$this->liked[$n]];
            }
        }

        return $liked;
    }

    /** Contacts per cast over all levels, as this guess has it. */
    public function perCast(): float
    {
        return $this->contacts / ($this->prior->casts + $this->scale * $this->sum);
    }

    private function takeOut(int $n, LikedFactor $factor): void
    {
        if ($this->liked[$n] !== self::NONE) {
            $this->scale /= $factor->scale;
            $this->weigh($factor->stints[$this->liked[$n]] ?? [], 1 / $this->times);
        }
    }

    private function putIn(int $n, LikedFactor $factor, int $level): void
    {
        $this->liked[$n] = $level;
        if ($level !== self::NONE) {
            $this->scale *= $factor->scale;
            $this->weigh($factor->stints[$level] ?? [], $this->times);
        }
    }

    /** @param  list<int>  $stints */
    private function weigh(array $stints, float $times): void
    {
        $before = 0.0;
        foreach ($stints as $i) {
            $before += $this->casts[$i];
            $this->casts[$i] *= $times;
        }
        $this->sum += $before * ($times - 1);
    }

    /**
     * How likely the log makes each level, with all other factors as they are guessed.
     *
     * @return array<int, float> as shares of the likeliest: that the factor does not matter, each level that was fished, and all that were not
     */
    private function likely(LikedFactor $factor): array
    {
        $all = count($factor->levels);
        $fished = count($factor->stints);
        // What any liked level brings with it, in logarithms: one in so many levels, and the rate kept as it is over all of them.
        $any = -log($all) + $this->logged * log($factor->scale);
        $most = log($this->noMatter) - $this->contacts * log($this->prior->casts + $this->scale * $this->sum);
        $likely = [self::NONE => $most];
        $scale = $this->scale * $factor->scale;
        foreach ($factor->stints as $level => $stints) {
            $expected = $this->sum;
            foreach ($stints as $i) {
                $expected += ($this->times - 1) * $this->casts[$i];
            }
            $one = $any + $factor->contacts[$level] * $this->logTimes - $this->contacts * log($this->prior->casts + $scale * $expected);
            $likely[$level] = $one;
            $most = $one > $most ? $one : $most;
        }
        if ($fished < $all) {
            $one = log($all - $fished) + $any - $this->contacts * log($this->prior->casts + $scale * $this->sum);
            $likely[$fished] = $one;
            $most = $one > $most ? $one : $most;
        }
        foreach ($likely as $level => $one) {
            $likely[$level] = exp($one - $most);
        }

        return $likely;
    }

    /**
     * A level as often as it is likely; all that was not fished is alike.
     *
     * @param  array<int, float>  $likely
     */
    private function draw(LikedFactor $factor, array $likely): int
    {
        $left = $this->luck->getInt(0, self::FINE - 1) / self::FINE * array_sum($likely);
        foreach ($likely as $level => $share) {
            $left -= $share;
            if ($left < 0) {
                return $level === count($factor->stints) ? $this->luck->getInt($level, count($factor->levels) - 1) : $level;
            }
        }

        return self::NONE;
    }
}
