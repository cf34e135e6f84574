<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Show\Units;
use OldEddy\Year\DayLevels;
use OldEddy\Year\LevelRate;
use OldEddy\Year\Tally;

/** Rates of a season with their spans, as rows or as columns; shares of what came off. Every number in it is the core's. */
final readonly class RatesDrawing
{
    public const WIDTH = 200;

    public const HEIGHT = 150;

    public const COLUMN = 40;

    private const FOOT = 118.0;

    /** @param  float  $top  what the end of the scale stands for, contacts per 100 casts */
    public function __construct(public float $top, private Units $units)
    {
    }

    /** Along a row. */
    public function x(float $perHundred): float
    {
        return round(min(self::WIDTH, self::WIDTH * $perHundred / $this->top), 1);
    }

    /** Up a column. */
    public function y(float $perHundred): float
    {
        return round(self::FOOT - (self::FOOT - 8) * min(1.0, $perHundred / $this->top), 1);
    }

    public function foot(): float
    {
        return self::FOOT;
    }

    /** Along a row of shares, 0 to 1. */
    public function share(float $share): float
    {
        return round(self::WIDTH * $share, 1);
    }

    /** A level in the angler's words. */
    public function said(string $factor, string $level): string
    {
        return in_array($factor, ['depth', 'water_depth'], true) ? $this->units->level($level) : $this->units->say(DayLevels::said($factor, $level));
    }

    /** A level short enough to stand under a column. */
    public function short(string $factor, string $level): string
    {
        return match ($factor) {
            'cast_no' => $level,
            'hour' => (string) (int) $level,
            default => explode(' ', $this->said($factor, $level))[0].(str_ends_with($level, '+') || str_ends_with($level, 'deeper') ? '+' : ''),
        };
    }

    /** A rate in words. */
    public function rate(LevelRate $rate): string
    {
        return sprintf('%.1f per 100 casts, %.1f to %.1f', $rate->perHundred(), ...$rate->span());
    }

    /** @return array{float, float} the span of a share that holds it four times in five */
    public function span(Tally $tally): array
    {
        return [$tally->quantile(0.1), $tally->quantile(0.9)];
    }
}
