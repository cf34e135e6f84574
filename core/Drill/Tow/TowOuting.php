<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\Strike;
use OldEddy\Troll\TrolledRun;

/** One way of trolling a hidden day: its runs, and how contacts came over the minutes. Changing a line costs it some. */
final class TowOuting
{
    /** It is thought over every so many minutes. Basis: own choice. */
    public const THINKS_EVERY_MIN = 10;

    /** @var list<TrolledRun> those that have ended */
    private array $ended = [];

    /** @var array<string, array{from: int, running: RunningLine, strikes: list<Strike>}> by the key of the line */
    private array $open = [];

    /** @var list<array{int, float}> minute, and contacts by then, each by its weight */
    public array $curve = [[0, 0.0]];

    /** @var list<TrolledRun> in order of their ends */
    public array $runs = [];

    private function __construct()
    {
    }

    /** Tows a spread over a day for so many minutes. */
    public static function fish(HiddenTow $day, TowHabit $habit, Spread $spread, int $minutes): self
    {
        $outing = new self;
        $outing->put($spread, 0);
        $water = new TowedWater($day, $spread);
        $worth = 0.0;
        for ($minute = 1; $minute <= $minutes; $minute++) {
            foreach ($outing->open as $key => $run) {
                $strike = $minute <= $run['from'] ? null : $water->strike($run['running'], $minute);
                if ($strike !== null) {
                    $outing->open[$key]['strikes'][] = new Strike($strike->contact, $minute - $run['from'], $strike->inTurn);
                    $outing->curve[] = [$minute, $worth += $strike->contact->kind->weight()];
                }
            }
            if ($minute % self::THINKS_EVERY_MIN === 0 && $minute < $minutes) {
                $turns = $minute >= $day->sunUpMin ? [new Turn(self::at($day->sunUpMin), TurnKind::Light)] : [];
                $next = $habit->next($spread, $outing->until($minute), $turns);
                if ($next !== $spread) {
                    $spread = $next;
                    $outing->put($spread, $minute);
                    $water = new TowedWater($day, $spread);
                }
            }
        }
        $outing->curve[] = [$minutes, $worth];
        $outing->runs = $outing->until($minutes);

        return $outing;
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

    /** Lines that are new or run otherwise than before go out; those go on that stay as they were. */
    private function put(Spread $spread, int $minute): void
    {
        $before = $this->open;
        $this->open = [];
        foreach ($spread->lines as $running) {
            $was = $before[$running->line->key] ?? null;
            $same = $was !== null && $was['running']->line == $running->line;
            if ($same && $was['running']->depthFt === $running->depthFt) {
                $this->open[$running->line->key] = $was;

                continue;
            }
            if ($was !== null) {
                $this->ended[] = self::run($was, $minute);
            }
            // Another speed alone takes no line out of the water, but it runs at another depth.
            $this->open[$running->line->key] = ['from' => $same || $minute === 0 ? $minute : $minute + TowedWater::CHANGE_MIN, 'running' => $running, 'strikes' => []];
        }
    }

    /** @return list<TrolledRun> all that was towed until a minute */
    private function until(int $minute): array
    {
        return [...$this->ended, ...array_map(static fn (array $open): TrolledRun => self::run($open, $minute), array_values($this->open))];
    }

    /** @param  array{from: int, running: RunningLine, strikes: list<Strike>}  $open */
    private static function run(array $open, int $minute): TrolledRun
    {
        $line = $open['running']->line;

        return new TrolledRun(
            self::at($open['from']), $line->key, $line->side, $line->station, $line->lure->key, $line->color->value, $line->letOutFt, $open['running']->depthFt,
            max(0.0, (float) ($minute - $open['from'])), $open['strikes'],
        );
    }
}
