<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Ramp;
use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Lures\Role;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Reading\Reading;

/** Wind, cloud and murk. Basis: rules W17 and C15, factors our own. */
final readonly class WindFactor extends ReadyFactor
{
    /** From here chop hides a quiet surface lure. */
    private const CHOP_MPH = 12;

    private const HEARD = 0.6;

    /** Wind under cloud, and in murk besides. */
    private const COVERED = 1.3;

    private const MURKY = 1.4;

    /** What every mile an hour of wind takes from lures on light line. */
    private const BOW_A_MPH = 0.015;

    private function __construct(
        private ?Effect $together,
        private ?Effect $hidden,
        private ?Effect $moving,
        private ?Effect $finesse,
        private ?Effect $others,
    ) {
    }

    public static function on(Reading $reading): ?self
    {
        $day = $reading->day;
        if (! $day->isCalm() && ! $day->isWindy()) {
            return null;
        }
        if ($day->isCalm()) {
            $calm = new Effect('wind', 1.1, 'Calm suits it.', 'W17');

            return new self(null, null, new Effect('wind', 0.9, 'Calm: slower lures.', 'W17'), $calm, $calm);
        }

        return new self(
            match (true) {
                $day->sky->isCovered() && $day->isWindy() => self::together($reading),
                default => null,
            },
            $day->windMph > self::CHOP_MPH ? new Effect('wind', 0.65, Said::of('{%.0f mph} of chop hides a surface lure.', $day->windMph), 'W17') : null,
            $reading->mood->isNegative() ? null : new Effect('wind', 1.12, Said::of('{%.0f mph}: moving lures.', $day->windMph), 'W17'),
            new Effect('wind', max(0.8, 0.97 - self::BOW_A_MPH * ($day->windMph - Settled::WINDY_MPH)), Said::of('{%.0f mph} bows the line of light lures.', $day->windMph), 'W17'),
            null,
        );
    }

    /** Wind and cloud, and the more the murkier; fish that will not chase take it for the murk alone. */
    private static function together(Reading $reading): ?Effect
    {
        $murk = Ramp::down($reading->day->visibilityFt, 3.5, 4.5);
        $plain = $reading->mood->isNegative() ? 1.0 : self::COVERED;
        $number = $plain + (self::MURKY - $plain) * $murk;

        return $number === 1.0 ? null : new Effect(
            'wind', $number, $reading->day->isWindAndMurk() ? 'Wind, clouds and murk: the spinnerbait first.' : 'Wind and cloud: the spinnerbait first, in clear water too.',
            $reading->day->isWindAndMurk() ? 'W17' : 'C15',
        );
    }

    protected function about(LureFamily $lure): ?Effect
    {
        $surface = $lure->isSurface();

        return match (true) {
            $this->together !== null && $lure->does(Job::WindCloudMurk) => $this->together,
            $this->hidden !== null && $surface && $lure->appeal->sound < self::HEARD => $this->hidden,
            ! $surface && $lure->isMoving() => $this->moving,
            $lure->role === Role::Finesse => $this->finesse,
            default => $this->others,
        };
    }
}
