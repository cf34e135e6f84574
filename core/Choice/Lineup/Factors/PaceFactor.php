<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\Tempo;
use OldEddy\Reading\Reading;

/** Time in the zone: how fast the lure leaves a fish behind, against what cold and mood allow. Basis: rules L11, R16, L8 and L15, the curve our own. */
final readonly class PaceFactor implements Factor
{
    private const SLOWEST_FT_S = 0.08;

    /** Deflection makes neutral fish snap, so cranks may come by faster than others by this share of the excess (L8). */
    private const SNAP = 0.4;

    /** At a target slowness is no fault: it stays where the fish is (L15). */
    private const STAYS = 1.0;

    /** Too fast loses every fish; too slow only loses water, and that matters while they are willing. */
    private const COST_OF_HASTE = 0.16;

    private const COST_OF_WAITING = 0.03;

    private function __construct(private Tempo $tempo, private float $wantedFtS, private bool $snap, private float $waiting, private bool $atTargets)
    {
    }

    public static function on(Reading $reading): self
    {
        return self::with($reading, Tempo::of($reading));
    }

    /** The same with a tempo that others share. */
    public static function with(Reading $reading, Tempo $tempo): self
    {
        // The pace these fish will follow, feet a second: slower the colder and the more negative.
        $warm = max(0.35, min(1.2, ($reading->day->tempF - 32) / 33));

        return new self(
            $tempo, 1.3 * $warm * exp(1.3 * $reading->mood->value), ! $reading->mood->isNegative(),
            self::COST_OF_WAITING + 0.05 * max(0.0, $reading->mood->value), $reading->day->spot->hasTargets(),
        );
    }

    public function number(LureFamily $lure): float
    {
        $ratio = log($this->paceFtS($lure) / $this->wantedFtS);
        if ($ratio <= 0 && $this->atTargets && $lure->isForTargets()) {
            return self::STAYS;
        }
        if ($ratio <= 0) {
            return max(0.88, 1.12 - $this->waiting * $ratio ** 2);
        }
        if ($this->snap && $lure->appeal->deflects) {
            $ratio *= self::SNAP;
        }

        return max(0.55, 1.12 - self::COST_OF_HASTE * $ratio ** 2);
    }

    public function effect(LureFamily $lure): Effect
    {
        $number = $this->number($lure);
        $pace = $this->paceFtS($lure);
        $text = 'At {%.1f ft/s} it '.match (true) {
            round($number, 3) >= 1.0 => 'stays in front of fish in this mood.',
            $pace > $this->wantedFtS => 'leaves fish in this mood behind.',
            default => 'covers little water for fish this willing.',
        };

        return new Effect('pace', $number, Said::of($text, $pace), $this->snap && $lure->appeal->deflects ? 'L8' : 'L11');
    }

    private function paceFtS(LureFamily $lure): float
    {
        return max(self::SLOWEST_FT_S, $this->tempo->paceFtS($lure));
    }
}
