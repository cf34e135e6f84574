<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\CallsUp;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;
use OldEddy\Reading\Stand;

/** Whether the lure works where the fish are; fish come up for a lure sooner than down. Basis: rule D1, factors our own. */
final readonly class DepthFactor implements Factor
{
    /** Under this share of its worth a lure is no choice for the depth. */
    private const HOPELESS = 0.12;

    private function __construct(private Stand $stand, private float $silentFt, private float $loudFt, private CallsUp $calls, private float $bandFt)
    {
    }

    public static function on(Reading $reading): self
    {
        return new self(
            $reading->stand,
            $reading->strikeRadiusFt(),
            $reading->strikeRadiusFt(true),
            new CallsUp($reading),
            max(0.5, $reading->stand->deepFt - $reading->stand->shallowFt),
        );
    }

    public function number(LureFamily $lure): float
    {
        $from = $lure->hydraulics->fromFt;
        $to = $lure->hydraulics->toFt;
        $above = $this->stand->shallowFt - $to;
        if ($above > 0) {
            return max(0.02, exp(-max(0.0, $above - $this->drawsUpFt($lure)) / 2.5));
        }
        $below = $from - $this->stand->deepFt;

        return $below > 0 ? max(0.02, exp(-$below / 1.2)) : 0.85 + 0.3 * $this->share($from, $to);
    }

    /** Whether it works so far from the fish's band that it is no choice. */
    public function isHopeless(LureFamily $lure): bool
    {
        $outside = $lure->hydraulics->toFt < $this->stand->shallowFt || $lure->hydraulics->fromFt > $this->stand->deepFt;

        return $outside && Effect::rounded($this->number($lure)) < self::HOPELESS;
    }

    /** Whether fish come up to where it works (rule L20). */
    public function draws(LureFamily $lure): bool
    {
        return $this->stand->shallowFt - $lure->hydraulics->toFt <= $this->drawsUpFt($lure);
    }

    public function effect(LureFamily $lure): Effect
    {
        [$from, $to] = [$lure->hydraulics->fromFt, $lure->hydraulics->toFt];
        $stand = self::span($this->stand->shallowFt, $this->stand->deepFt);
        $text = match (true) {
            $to < $this->stand->shallowFt => Said::of('It runs at %s; the fish stand at %s.', self::span($from, $to), $stand),
            $from > $this->stand->deepFt => Said::of('It works from {%.0f ft} down; the fish stand at %s.', $from, $stand),
            default => Said::of('It covers %.0f %% of their band, %s.', 100 * $this->share($from, $to), $stand),
        };

        return new Effect('depth', $this->number($lure), $text, 'D1');
    }

    /** The share of the fish's band that a lure's depths cover, at most 1. */
    private function share(float $from, float $to): float
    {
        $deep = $this->stand->deepFt;
        $shallow = $this->stand->shallowFt;
        $share = (($to < $deep ? $to : $deep) - ($from > $shallow ? $from : $shallow)) / $this->bandFt;

        return $share < 1.0 ? $share : 1.0;
    }

    /** Feet that fish rise for it: their strike radius, and what it calls up. */
    private function drawsUpFt(LureFamily $lure): float
    {
        return ($lure->isLoud() ? $this->loudFt : $this->silentFt) + $this->calls->openFt($lure);
    }

    private static function span(float $from, float $to): string|Said
    {
        return $to <= 0.5 ? 'the surface' : Said::of('{%s-%s ft}', round($from, 1), round($to, 1));
    }
}
