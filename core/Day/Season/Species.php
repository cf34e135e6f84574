<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

use OldEddy\Basics\Words;

/** The fish the plan is for. */
enum Species: string implements Fish
{
    use Words;

    case LargemouthBass = 'largemouth_bass';
    case SmallmouthBass = 'smallmouth_bass';
    case SpottedBass = 'spotted_bass';
    case Muskellunge = 'muskellunge';
    case NorthernPike = 'northern_pike';
    case Walleye = 'walleye';
    case Zander = 'zander';
    case YellowPerch = 'yellow_perch';
    case BlackCrappie = 'black_crappie';
    case Bluegill = 'bluegill';

    /** The group whose habits it shares: bass, toothy, walleyes or panfish. */
    public function group(): string
    {
        return match ($this) {
            self::LargemouthBass, self::SmallmouthBass, self::SpottedBass => 'bass',
            self::Muskellunge, self::NorthernPike => 'toothy',
            self::Walleye, self::Zander => 'walleyes',
            self::YellowPerch, self::BlackCrappie, self::Bluegill => 'panfish',
        };
    }

    /** The longest lure in inches that is any use for it: panfish take small ones only (rule L23; perch our own). */
    public function mostInches(bool $soft = false): float
    {
        return match ($this) {
            self::Bluegill => 2.5,
            self::BlackCrappie, self::YellowPerch => 3.0,
            self::NorthernPike => $soft ? 9.0 : INF,
            default => INF,
        };
    }

    /** The shortest lure in inches that is shown to it; soft ones may have a floor of their own (rule L40). */
    public function leastInches(bool $soft): float
    {
        return match ($this) {
            self::Muskellunge => 6.0,
            self::NorthernPike => $soft ? 4.0 : 0.0,
            default => 0.0,
        };
    }

    /** Whether this is one of the black basses. */
    public function isBass(): bool
    {
        return $this->group() === 'bass';
    }
}
