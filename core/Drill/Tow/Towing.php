<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\Strike;
use OldEddy\Troll\TrolledRun;

/** Lines towed over a hidden day, one minute after the other: it keeps what is in the water since when, and what struck. Changing a line costs it some. */
final class Towing
{
    /** @var list<TrolledRun> those that have ended */
    private array $ended = [];

    /** @var array<string, array{from: int, running: RunningLine, strikes: list<Strike>}> by the key of the line */
    private array $open = [];

    private TowedWater $water;

    public function __construct(private readonly HiddenTow $day, Spread $spread)
    {
        $this->put($spread, 0);
    }

    /** Lines that are new or run otherwise than before go out; those go on that stay as they were. */
    public function put(Spread $spread, int $minute): void
    {
        $this->water = new TowedWater($this->day, $spread);
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

    /** The next minute of the day (from 1): contacts that it brings, each by its weight. */
    public function minute(int $minute): float
    {
        $worth = 0.0;
        foreach ($this->open as $key => $run) {
            $strike = $minute <= $run['from'] ? null : $this->water->strike($run['running'], $minute);
            if ($strike !== null) {
                $this->open[$key]['strikes'][] = new Strike($strike->contact, $minute - $run['from'], $strike->inTurn);
                $worth += $strike->contact->kind->weight();
            }
        }

        return $worth;
    }

    /** @return list<TrolledRun> all that was towed until a minute, in the order of their ends */
    public function until(int $minute): array
    {
        return [...$this->ended, ...array_map(static fn (array $open): TrolledRun => self::run($open, $minute), array_values($this->open))];
    }

    /** @param  array{from: int, running: RunningLine, strikes: list<Strike>}  $open */
    private static function run(array $open, int $minute): TrolledRun
    {
        $line = $open['running']->line;

        return new TrolledRun(
            TowOuting::at($open['from']), $line->key, $line->side, $line->station, $line->lure->key, $line->color->value, $line->letOutFt, $open['running']->depthFt,
            max(0.0, (float) ($minute - $open['from'])), $open['strikes'],
        );
    }
}
