<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\Reading;

/** Moving water. Basis: rules L3 and D5, factors our own. */
final readonly class CurrentFactor extends ReadyFactor
{
    private function __construct(private bool $rock, private ?Effect $trebles, private ?Effect $weedless, private ?Effect $unweighted, private Effect $heavy)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $spot = $reading->day->spot;
        $current = $reading->day->current;
        if (! $current->runs()) {
            return null;
        }
        $rock = $spot->has(Cover::Rock) || in_array($spot->structure, [Structure::GravelBar, Structure::RockPile, Structure::Riprap], true);

        return new self(
            $rock,
            $rock ? new Effect('current', 0.65, 'Current sweeps trebles into the rock.', 'L3') : null,
            $rock ? new Effect('current', 1.4, 'Weedless over rock in current.', 'L3') : null,
            $current->isReal() ? new Effect('current', 0.6, 'Unweighted, it cannot hold the bottom in this current.', 'D5') : null,
            new Effect('current', 1.2, 'Heavy enough to feel bottom in current.', 'D5'),
        );
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return match (true) {
            $this->rock && $lure->rigging->exposure === Exposure::Treble => $this->trebles,
            $this->rock && $lure->does(Job::RockInCurrent) => $this->weedless,
            $this->unweighted !== null && $lure->rigging->isUnweighted() => $this->unweighted,
            $lure->does(Job::FeelsBottomInCurrent) => $this->heavy,
            default => null,
        };
    }
}
