<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

/** What of a dock, or beside it, a cast is aimed at (S10, S16). */
enum Aim: string
{
    case Walkway = 'walkway';
    case InsideCorner = 'inside corner';
    case InsideEnd = 'inside end';
    case Slip = 'slip';
    case Floats = 'floats';
    case OutsidePosts = 'outside posts';
    case Ladder = 'ladder';
    case Lift = 'watercraft lift';
    case PlantedBrush = 'planted brush outside';
    case Brush = 'brush';
    case Tangle = 'the tangle';
    case Cable = 'cable';
    case Around = 'water around it';
    case Ramp = 'ramp';
    case RockTransition = 'rock transition';
    case SteepToFlat = 'steep to flat';
    case Stump = 'stump';
    case CutBehind = 'cut behind';

    /** What an extra that changes the bank is aimed at. */
    public static function ofBank(Extra $extra): self
    {
        return match ($extra) {
            Extra::RockTransition => self::RockTransition,
            Extra::SteepToFlat => self::SteepToFlat,
            Extra::Stump => self::Stump,
            Extra::CutBehind => self::CutBehind,
            default => self::Ramp,
        };
    }

    /** Its name for people. */
    public function words(): string
    {
        return $this->value;
    }
}
