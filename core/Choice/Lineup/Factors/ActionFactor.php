<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Little action in the cold, strong action in warm or murky water. Basis: rule L12, factors our own. */
final readonly class ActionFactor extends ReadyFactor
{
    private const COLD_UNDER_F = 45;

    private const MURKY_UNDER_FT = 3;

    /** In murk strong action helps from the first, little action harms from the second. */
    private const STRONG_FROM_F = 50;

    private const WEAK_FROM_F = 60;

    private const STRONG = 0.8;

    private function __construct(private ?Effect $strong, private ?Effect $little)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $tempF = $reading->day->tempF;
        if ($tempF < self::COLD_UNDER_F) {
            return new self(null, new Effect('action', 1.12, 'Hardly any action, as cold fish want it.', 'L12'));
        }
        if ($reading->day->visibilityFt >= self::MURKY_UNDER_FT || $tempF < self::STRONG_FROM_F) {
            return null;
        }

        return new self(
            new Effect('action', 1.1, 'Strong vibration for murky water.', 'L12'),
            $tempF >= self::WEAK_FROM_F ? new Effect('action', 0.9, 'Too little action for warm murky water.', 'L12') : null,
        );
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return $this->strong !== null && $lure->appeal->vibration >= self::STRONG ? $this->strong : ($lure->appeal->lowAction ? $this->little : null);
    }
}
