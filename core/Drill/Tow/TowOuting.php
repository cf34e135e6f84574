<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Troll\Spread;
use OldEddy\Troll\TrolledRun;

/** One way of trolling a hidden day: its runs, and how contacts came over the minutes. */
final readonly class TowOuting
{
    /** It is thought over every so many minutes. Basis: own choice. */
    public const THINKS_EVERY_MIN = 10;

    /**
     * @param  list<TrolledRun>  $runs  in the order of their ends
     * @param  list<array{int, float}>  $curve  minute, and contacts by then, each by its weight
     */
    private function __construct(public array $runs, public array $curve)
    {
    }

    /** Tows a spread over a day for so many minutes. */
    public static function fish(HiddenTow $day, TowHabit $habit, Spread $spread, int $minutes): self
    {
        $towing = new Towing($day, $spread);
        [$curve, $worth] = [[[0, 0.0]], 0.0];
        for ($minute = 1; $minute <= $minutes; $minute++) {
            $got = $towing->minute($minute);
            if ($got > 0) {
                $curve[] = [$minute, $worth += $got];
            }
            if ($minute % self::THINKS_EVERY_MIN === 0 && $minute < $minutes) {
                $turns = $minute >= $day->sunUpMin ? [new Turn(self::at($day->sunUpMin), TurnKind::Light)] : [];
                $next = $habit->next($spread, $towing->until($minute), $turns);
                if ($next !== $spread) {
                    $spread = $next;
                    $towing->put($spread, $minute);
                }
            }
        }

        return new self($towing->until($minutes), [...$curve, [$minutes, $worth]]);
    }

    /** Contacts of the outing, each by its weight. */
    public function worth(): float
    {
        return $this->curve[count($this->curve) - 1][1];
    }

    /** A minute of the outing as the log has it. */
    public static function at(int $minute): string
    {
        return sprintf('2000-01-01T%02d:%02d:00', intdiv($minute, 60), $minute % 60);
    }
}
