<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Chance\StudentT;

/**
 * One level held against the rest of the same days, so that a good day speaks for neither: the rate ratio of Mantel and Haenszel for
 * counts over exposure. Bites come in bunches, so each day is one piece of evidence: its spread is that between the days, and never less
 * than chance alone gives (Greenland and Robins 1985; values from memory), weighed by Student's t.
 */
final readonly class AgainstTheRest
{
    /**
     * @param  int  $casts  with the level, on days that had others too
     * @param  float  $contacts  weighed, of these casts
     * @param  float  $mine  summed over days: contacts of the level × casts of the rest / all casts
     * @param  float  $others  contacts of the rest × casts of the level / all casts
     * @param  float  $spread  all contacts × casts of both / all casts squared
     * @param  int  $days  that had both
     * @param  float  $mineSquared  the squares of what a day adds to mine, summed
     * @param  float  $othersSquared  the same of the others
     * @param  float  $crossed  their products, summed
     */
    public function __construct(
        public string $level,
        public int $casts,
        public float $contacts,
        private float $mine,
        private float $others,
        private float $spread,
        private int $days,
        private float $mineSquared,
        private float $othersSquared,
        private float $crossed,
    ) {
    }

    /** How often the level gave what the rest gave on the same days; null where one of them gave nothing. */
    public function ratio(): ?float
    {
        return $this->mine > 0 && $this->others > 0 ? $this->mine / $this->others : null;
    }

    /** How sure it is (0 to 1) that the level gives less than the rest; 0 where one of them gave nothing, or on a single day. */
    public function sureOfLess(): float
    {
        $ratio = $this->ratio();

        return $ratio === null || $this->days < 2 ? 0.0 : StudentT::shareUnder(-log($ratio) / $this->deviation($ratio), $this->days - 1);
    }

    /** How sure it is (0 to 1) that the level gives more than the rest. */
    public function sureOfMore(): float
    {
        return $this->ratio() === null || $this->days < 2 ? 0.0 : 1 - $this->sureOfLess();
    }

    /** The standard deviation of the logarithm of the ratio. */
    private function deviation(float $ratio): float
    {
        $squares = $this->mineSquared - 2 * $ratio * $this->crossed + $ratio ** 2 * $this->othersSquared;
        $betweenDays = $squares * $this->days / ($this->days - 1) / $this->mine ** 2;

        return sqrt(max($betweenDays, $this->spread / ($this->mine * $this->others)));
    }
}
