<?php

declare(strict_types=1);

namespace OldEddy\Year;

/**
 * One level held against the rest of the same days, so that a good day speaks for neither: the rate ratio of Mantel and Haenszel for
 * counts over exposure, its spread after Greenland and Robins 1985 (values from memory).
 */
final readonly class AgainstTheRest
{
    /**
     * @param  int  $casts  with the level, on days that had others too
     * @param  float  $contacts  weighed, of these casts
     * @param  float  $mine  summed over days: contacts of the level × casts of the rest / all casts
     * @param  float  $others  contacts of the rest × casts of the level / all casts
     * @param  float  $spread  all contacts × casts of both / all casts squared
     */
    public function __construct(
        public string $level,
        public int $casts,
        public float $contacts,
        private float $mine,
        private float $others,
        private float $spread,
    ) {
    }

    /** How often the level gave what the rest gave on the same days; null where one of them gave nothing. */
    public function ratio(): ?float
    {
        return $this->mine > 0 && $this->others > 0 ? $this->mine / $this->others : null;
    }

    /** How sure it is (0 to 1) that the level gives less than the rest. */
    public function sureOfLess(): float
    {
        $ratio = $this->ratio();
        if ($ratio === null) {
            return 0.0;
        }

        return self::normalShare(-log($ratio) / sqrt($this->spread / ($this->mine * $this->others)));
    }

    /** How sure it is (0 to 1) that the level gives more than the rest. */
    public function sureOfMore(): float
    {
        return $this->ratio() === null ? 0.0 : 1 - $this->sureOfLess();
    }

    /** The share of the normal distribution under x: the error function after Abramowitz and Stegun 7.1.26, good to 1.5e-7. */
    private static function normalShare(float $x): float
    {
        $z = abs($x) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $z);
        $erf = 1 - ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$z * $z);

        return $x < 0 ? (1 - $erf) / 2 : (1 + $erf) / 2;
    }
}
