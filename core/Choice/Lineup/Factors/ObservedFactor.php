<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\ReadyFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Lures\Role;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Reading\Reading;

/** What was seen today. Basis: rules FAMILIES, R10, F14 and L14, factors our own. */
final readonly class ObservedFactor extends ReadyFactor
{
    private function __construct(private ?Effect $schooling, private ?Effect $beds, private ?Effect $follows, private ?Effect $toothy)
    {
    }

    public static function on(Reading $reading): ?self
    {
        $day = $reading->day;

        return $day->observed === [] ? null : new self(
            $day->saw(Observed::Schooling) ? new Effect('seen', 1.3, 'For fish schooling on bait.', 'FAMILIES') : null,
            $day->saw(Observed::Beds) ? new Effect('seen', 1.15, 'One for fish on beds, where that is allowed.', 'R10') : null,
            $day->saw(Observed::Follows) ? new Effect('seen', 1.12, 'They followed: something slower.', 'F14') : null,
            $day->species->group() === 'toothy' && $day->saw(Observed::Follows) ? new Effect('seen', 1.6, 'Come back to the follower with it, slower.', 'L14') : null,
        );
    }

    protected function about(LureFamily $lure): ?Effect
    {
        return match (true) {
            $this->schooling !== null && $lure->does(Job::SchoolingBait) => $this->schooling,
            $this->beds !== null && $lure->does(Job::Beds) => $this->beds,
            $this->toothy !== null && $lure->does(Job::AfterFollows) => $this->toothy,
            $lure->role !== Role::Search => $this->follows,
            default => null,
        };
    }
}
