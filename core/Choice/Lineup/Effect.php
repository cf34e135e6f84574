<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;

/** What one factor does to a lure's score: multiplied by the effect (0 to about 2), because of the rule. */
final readonly class Effect
{
    /** Nearer to 1 than this, an effect is not worth a word. */
    private const SILENT = 0.005;

    /** Half a thousandth, and what a binary fraction may lack of it. */
    private const HALF = 0.5 + 1e-11;

    public float $effect;

    public function __construct(
        public string $factor,
        float $effect,
        public string|Said $text,
        public string $ruleId,
        public ?string $school = null,
    ) {
        $this->effect = self::rounded($effect);
    }

    /** A number (0 or more) to thousandths. */
    public static function rounded(float $number): float
    {
        return floor($number * 1000 + self::HALF) / 1000;
    }

    /** A number as it counts: to thousandths, and 1 where it is too near to 1 to be worth a word. */
    public static function heard(float $number): float
    {
        $rounded = floor($number * 1000 + self::HALF) / 1000;

        return $rounded > 1.0 - self::SILENT && $rounded <= 1.0 + self::SILENT ? 1.0 : $rounded;
    }
}
