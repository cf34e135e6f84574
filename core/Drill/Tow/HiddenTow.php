<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Basics\Said;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Drill\Luck;
use OldEddy\Troll\SpeedRange;
use OldEddy\Troll\Station;

/**
 * A day for towed lines with a pattern that only the water knows: a depth of the lure, another once the sun is up, a lure, a color, whether
 * far from the boat or near it, and a speed. The same seed makes the same day. Basis: our own, for practice and for checking the advice;
 * it says nothing about real fish.
 */
final readonly class HiddenTow
{
    /** Minutes of an outing. */
    public const DAY_MIN = 360;

    /** Contacts per minute of a line where nothing of the pattern is met, and the most; everywhere on a day without a pattern. */
    private const BARE = 1 / 300;

    private const MOST = 0.2;

    private const EVEN = 1 / 80;

    /** What each part of the pattern multiplies, from and to. */
    private const TIMES = ['depth' => [2.5, 4.0], 'lure' => [1.3, 1.8], 'color' => [1.5, 2.2], 'off' => [1.3, 1.8], 'speed' => [1.5, 2.2]];

    /** The fish are so deep early, feet; once the sun is up so much deeper; a lure is among them within so much. */
    private const EARLY_FT = [5.0, 11.0];

    private const DEEPER_FT = [1.0, 4.0];

    private const WITHIN_FT = 2.0;

    /** They want it so much faster or slower than one begins, as shares of that speed. */
    private const FASTER = [1.12, 1.5];

    private const SLOWER = [0.55, 0.9];

    /** The minute at which the sun comes over the trees. */
    private const SUN_UP_MIN = [90, 180];

    /**
     * @param  array{float, float}  $depthFt  early, and with the sun up
     * @param  array{float, float}  $mph  from, to
     * @param  array<string, float>  $times  what each part multiplies
     */
    private function __construct(
        public int $seed, public bool $hasPattern, public int $sunUpMin, private array $depthFt, private string $lure, private ColorFamily $color,
        private bool $far, private array $mph, private array $times,
    ) {
    }

    /**
     * The day of a seed, with what one has to tow there.
     *
     * @param  non-empty-list<string>  $lures  by their keys
     * @param  non-empty-list<ColorFamily>  $colors
     */
    public static function of(int $seed, array $lures, array $colors, bool $hasPattern = true): self
    {
        $luck = Luck::of("towed day {$seed}");
        $early = $luck->within(...self::EARLY_FT);
        $lure = $luck->one($lures);
        $start = SpeedRange::of(Catalog::get($lure))->startMph();
        $share = $luck->one([self::FASTER, self::SLOWER]);

        return new self(
            $seed, $hasPattern, $luck->between(...self::SUN_UP_MIN), [$early, $early + $luck->within(...self::DEEPER_FT)], $lure, $luck->one($colors),
            $luck->between(0, 1) === 1, [$start * $share[0], $start * $share[1]],
            array_map(static fn (array $times): float => $luck->within(...$times), self::TIMES),
        );
    }

    /** Contacts per minute of a line, 0 to 0.2. */
    public function perMinute(TowedLure $lure, float $minute): float
    {
        if (! $this->hasPattern) {
            return self::EVEN;
        }
        $rate = self::BARE;
        foreach ($this->missed($lure, $minute) as $part => $missed) {
            $rate *= $missed === null ? $this->times[$part] : 1.0;
        }

        return min(self::MOST, $rate);
    }

    /** Contacts per minute of a line that meets all of the pattern. */
    public function most(): float
    {
        return $this->hasPattern ? min(self::MOST, self::BARE * array_product($this->times)) : self::EVEN;
    }

    /** @return array<string, ?string> by part of the pattern what is wrong with a lure; null where it is met */
    public function missed(TowedLure $lure, float $minute): array
    {
        $off = $lure->depthFt - $this->depthAt($minute);
        $isFar = in_array($lure->station, [Station::Outside, Station::Middle], true);

        return [
            'depth' => abs($off) <= self::WITHIN_FT ? null : ($off < 0 ? 'too shallow' : 'too deep'), 'lure' => $lure->lure === $this->lure ? null : 'another lure',
            'color' => $lure->color === $this->color->value ? null : 'another color', 'off' => $isFar === $this->far ? null : ($isFar ? 'too far off' : 'too near'),
            'speed' => $lure->mph < $this->mph[0] ? 'too slow' : ($lure->mph > $this->mph[1] ? 'too fast' : null),
        ];
    }

    /** How deep the fish are at a minute of the day, feet. */
    public function depthAt(float $minute): float
    {
        return $this->depthFt[$minute < $this->sunUpMin ? 0 : 1];
    }

    /** The hidden pattern in words. */
    public function told(): string|Said
    {
        return $this->hasPattern ? Said::of(
            '%s in %s, %s, at {%.1f-%.1f mph}; {%.0f ft} deep before the sun, {%.0f ft} after it', Catalog::get($this->lure)->name(), $this->color->words(),
            $this->far ? 'far off the boat' : 'near the boat', $this->mph[0], $this->mph[1], $this->depthFt[0], $this->depthFt[1],
        ) : 'no pattern at all';
    }
}
