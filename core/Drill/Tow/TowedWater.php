<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Drill\Luck;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Troll\BoatTurn;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\Strike;
use OldEddy\Troll\Tangles;

/**
 * A spread towed over a hidden day, minute by minute. At the end of each pass the boat turns, to starboard and to port in turns: there
 * outside lines run faster and higher. The same minute of the same line meets the same luck, whatever is on it.
 */
final readonly class TowedWater
{
    /** A line that is changed is out of the water for so many minutes. Basis: own choice. */
    public const CHANGE_MIN = 2;

    /** A pass is so many minutes long, the last of them the turn; the turn's radius, feet. Basis: own choice. */
    private const PASS_MIN = 20;

    private const TURN_MIN = 3;

    public const RADIUS_FT = 220.0;

    /** @var array{BoatTurn, BoatTurn} to starboard, to port */
    private array $turns;

    public function __construct(private HiddenTow $day, private Spread $spread)
    {
        $this->turns = [Tangles::inTurn($spread, self::RADIUS_FT, true), Tangles::inTurn($spread, self::RADIUS_FT, false)];
    }

    /** Whether the boat turns in a minute (from 1). */
    public static function turns(int $minute): bool
    {
        return ($minute - 1) % self::PASS_MIN >= self::PASS_MIN - self::TURN_MIN;
    }

    /** Where the boat heads on the pass of a minute, degrees: up and down a shore that runs north. */
    public static function headingDeg(int $minute): float
    {
        return intdiv($minute - 1, self::PASS_MIN) % 2 === 0 ? 0.0 : 180.0;
    }

    /** Contacts per minute that a line would bring in a minute of the day. */
    public function perMinute(RunningLine $running, int $minute): float
    {
        $turned = self::turns($minute) ? $this->turns[intdiv($minute - 1, self::PASS_MIN) % 2]->lures[$running->line->key] : null;
        $line = $running->line;

        return $this->day->perMinute(new TowedLure(
            $line->lure->key, $line->color->value, $line->station, $turned->depthFt ?? $running->depthFt, $turned->speedMph ?? $this->spread->speedMph,
        ), $minute);
    }

    /** What a line of the spread brings in a minute of the day (from 1): a strike in that minute, or null. */
    public function strike(RunningLine $running, int $minute): ?Strike
    {
        $kind = Luck::of("towed {$this->day->seed} {$running->line->key} {$minute}")->contact($this->perMinute($running, $minute));

        return $kind === null ? null : new Strike(new Contact($kind), $minute, self::turns($minute));
    }
}
