<?php

declare(strict_types=1);

namespace OldEddy\Where\Shade;

use OldEddy\Day\Sun\SunDay;

/** The shade of one bank over one day: its width by the minute and the windows in which it is as wide as fish like it. */
final readonly class ShadeDay
{
    /** The best width in feet from the bank (rule S21). */
    public const BEST_FT = [5.0, 10.0];

    public function __construct(private BankShade $bank, private SunDay $sun)
    {
    }

    /** Width in feet at a minute of the local day. */
    public function widthFt(int $minute): float
    {
        return $this->bank->widthFt($this->sun->at($minute));
    }

    /** @return list<array{int, int}> first and last minute of each stretch in which the width lies between two, feet */
    public function windows(float $fromFt = self::BEST_FT[0], float $toFt = self::BEST_FT[1]): array
    {
        $rise = $this->sun->sunriseMinute();
        $set = $this->sun->sunsetMinute();
        $windows = [];
        $since = null;
        for ($minute = $rise ?? 0; $minute <= ($set ?? 1439); $minute++) {
            $width = $this->widthFt($minute);
            $good = $width >= $fromFt && $width <= $toFt;
            if ($good && $since === null) {
                $since = $minute;
            } elseif (! $good && $since !== null) {
                $windows[] = [$since, $minute - 1];
                $since = null;
            }
        }

        return $since === null ? $windows : [...$windows, [$since, $set ?? 1439]];
    }
}
