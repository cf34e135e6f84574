<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the fish can hide in or beside. */
enum Cover: string
{
    use Words;

    case LilyPads = 'lily_pads';
    case Reeds = 'reeds';
    case GrassSubmerged = 'grass_submerged';
    case GrassEdge = 'grass_edge';
    case GrassMatted = 'grass_matted';
    case GrassDying = 'grass_dying';
    case Wood = 'wood';
    case Laydown = 'laydown';
    case Stumps = 'stumps';
    case Brush = 'brush';
    case FloodedBushes = 'flooded_bushes';
    case StandingTimber = 'standing_timber';
    case Dock = 'dock';
    case Rock = 'rock';
    case Shade = 'shade';
    case Overhang = 'overhang';
    case None = 'none';

    /** Whether this is one of the wood covers. */
    public function isWood(): bool
    {
        return in_array($this, [self::Wood, self::Laydown, self::Stumps, self::Brush, self::FloodedBushes, self::StandingTimber], true);
    }

    /** Whether this is one of the plant covers. */
    public function isPlant(): bool
    {
        return in_array($this, [self::LilyPads, self::Reeds, self::GrassSubmerged, self::GrassEdge, self::GrassMatted, self::GrassDying], true);
    }

    /** Whether a single piece of it is cast at, rather than along or over it (rule L15). */
    public function isTarget(): bool
    {
        return $this->isWood() || in_array($this, [self::Reeds, self::LilyPads, self::GrassMatted, self::Dock, self::Overhang], true);
    }

    /** Whether it roofs the water: fish stand under it whatever their column elsewhere (rule F16). */
    public function isRoof(): bool
    {
        return in_array($this, [self::LilyPads, self::GrassMatted, self::Overhang, self::Dock], true);
    }
}
