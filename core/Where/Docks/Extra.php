<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Basics\Words;

/** What is seen on or beside a dock (S10, S16). */
enum Extra: string
{
    use Words;

    case Ladder = 'ladder';
    case Lift = 'watercraft_lift';
    case RodHolders = 'rod_holders';
    case Lights = 'lights';
    case Cable = 'cable';
    case Ramp = 'ramp_beside';
    case Brush = 'brush';
    case Tangle = 'tangle';
    case RockTransition = 'rock_transition';
    case SteepToFlat = 'steep_to_flat';
    case Stump = 'stump';
    case CutBehind = 'cut_behind';

    /** Whether it marks a change of the bank, which makes a dock the best of its row (S16). */
    public function changesBank(): bool
    {
        return in_array($this, [self::RockTransition, self::SteepToFlat, self::Stump, self::CutBehind, self::Ramp], true);
    }
}
