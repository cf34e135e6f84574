<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Chooses and orders stops so that the day is worth most in its time. Basis: standard local search (insertion, removal,
 * exchange, reversal, moving) with restarts from a shaken best; held against all orders of small cases in the tests.
 * The same problem always gives the same route.
 */
final class Router
{
    /** Work that is spent on shaking: few stops are shaken often, many seldom. Basis: our own choice, set by bin/bench. */
    private const WORK = 8_000;

    private const STEPS_DOWN_TO = 0.94;

    private Randomizer $luck;

    private float $timeIsDear = 0.0;

    private function __construct(private readonly RouteTask $problem)
    {
        $this->luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', 'route', true)));
    }

    /** @return list<int> indexes of the stops in order; empty when not even the locked ones fit */
    public static function solve(RouteTask $problem): array
    {
        return (new self($problem))->best();
    }

    /** @return list<int> */
    private function best(): array
    {
        $best = $this->improve($this->locked());
        $worth = $this->problem->worth($best);
        if ($worth === -INF) {
            return [];
        }
        $shakes = max(5, min(600, intdiv(self::WORK, max(1, count($this->problem->stops)) ** 2)));
        [$from, $at] = [$best, $worth];
        for ($i = 0; $i < $shakes; $i++) {
            // How dear time is held changes from try to try: a day of few good stops, or of many near ones.
            $this->timeIsDear = $this->luck->getInt(0, 4) / 2;
            $tried = $this->improve($this->shaken($from));
            $now = $this->problem->worth($tried);
            if ($now > $worth + 1e-9) {
                [$best, $worth] = [$tried, $now];
            }
            // A slightly poorer day may lead to a better one.
            if ($now > $at * self::STEPS_DOWN_TO || $this->luck->getInt(0, 19) === 0) {
                [$from, $at] = [$tried, $now];
            }
        }

        return $best;
    }

    /** @return list<int> the locked stops in the best order that cheapest insertion finds */
    private function locked(): array
    {
        $order = [];
        foreach ($this->problem->stops as $i => $stop) {
            if ($stop->locked) {
                $order = $this->inserted($order, $i) ?? [...$order, $i];
            }
        }

        return $order;
    }

    /**
     * @param  list<int>  $order
     * @return list<int>
     */
    private function improve(array $order): array
    {
        $worth = $this->problem->worth($order);
        do {
            $before = $worth;
            foreach ([$this->fill(...), $this->shortenAndFill(...), $this->reorder(...), $this->exchange(...)] as $step) {
                $tried = $step($order);
                $now = $this->problem->worth($tried);
                if ($now > $worth + 1e-9) {
                    [$order, $worth] = [$tried, $now];
                }
            }
        } while ($worth > $before + 1e-9);

        return $order;
    }

    /**
     * Puts in the stop that brings most for the time it costs, as long as one fits.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function fill(array $order): array
    {
        $left = array_diff(array_keys($this->problem->stops), $order);
        $worth = $this->problem->worth($order);
        do {
            $best = null;
            $minutes = $this->problem->minutes($order);
            foreach ($left as $stop) {
                $tried = $this->inserted($order, $stop);
                if ($tried === null) {
                    unset($left[$stop]);

                    continue;
                }
                $gain = $this->problem->worth($tried) - $worth;
                $for = $gain / max(1.0, $this->problem->minutes($tried) - $minutes) ** $this->timeIsDear;
                if ($gain > 1e-9 && ($best === null || $for > $best[0])) {
                    $best = [$for, $tried, $stop, $gain];
                }
            }
            if ($best !== null) {
                $order = $best[1];
                $worth += $best[3];
                unset($left[$best[2]]);
            }
        } while ($best !== null);

        return $order;
    }

    /**
     * Takes the shortest way through the same stops, and fills the time that is won.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function shortenAndFill(array $order): array
    {
        $minutes = $this->problem->minutes($order);
        $count = count($order);
        for ($i = 0; $i < $count - 1; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                $tried = [...array_slice($order, 0, $i), ...array_reverse(array_slice($order, $i, $j - $i + 1)), ...array_slice($order, $j + 1)];
                $now = $this->problem->minutes($tried);
                if ($now < $minutes - 1e-9) {
                    [$order, $minutes] = [$tried, $now];
                }
            }
        }

        return $this->fill($order);
    }

    /**
     * @param  list<int>  $order
     * @return ?list<int> with the stop at its best place, or null when it fits nowhere
     */
    private function inserted(array $order, int $stop): ?array
    {
        [$best, $most] = [null, -INF];
        for ($at = 0; $at <= count($order); $at++) {
            $tried = [...array_slice($order, 0, $at), $stop, ...array_slice($order, $at)];
            $worth = $this->problem->worth($tried);
            if ($worth > $most) {
                [$best, $most] = [$tried, $worth];
            }
        }

        return $best;
    }

    /**
     * Reverses a stretch or moves a stop where that brings more.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function reorder(array $order): array
    {
        $worth = $this->problem->worth($order);
        $count = count($order);
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                $stretch = array_slice($order, $i, $j - $i + 1);
                foreach ([
                    array_reverse($stretch),
                    [...array_slice($stretch, 1), $stretch[0]],
                    [$stretch[$j - $i], ...array_slice($stretch, 0, -1)],
                ] as $turned) {
                    $tried = [...array_slice($order, 0, $i), ...$turned, ...array_slice($order, $j + 1)];
                    $now = $this->problem->worth($tried);
                    if ($now > $worth + 1e-9) {
                        [$order, $worth] = [$tried, $now];
                        $stretch = $turned;
                    }
                }
            }
        }

        return $order;
    }

    /**
     * Puts a stop in the place of another where that brings more.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function exchange(array $order): array
    {
        $worth = $this->problem->worth($order);
        foreach ($order as $at => $stop) {
            if ($this->problem->stops[$stop]->locked) {
                continue;
            }
            foreach (array_diff(array_keys($this->problem->stops), $order) as $other) {
                $tried = $order;
                $tried[$at] = $other;
                $now = $this->problem->worth($tried);
                if ($now > $worth + 1e-9) {
                    [$order, $worth] = [$tried, $now];
                }
            }
        }

        return $order;
    }

    /**
     * The order with some stops taken out and a stretch turned.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function shaken(array $order): array
    {
        // Mostly a quarter goes, at times nearly all.
        $stay = $this->luck->getInt(0, 4) === 0 ? 1 : 3;
        $keep = array_values(array_filter($order, fn (int $stop): bool => $this->problem->stops[$stop]->locked || $this->luck->getInt(0, 3) < $stay));
        if (count($keep) > 2) {
            $i = $this->luck->getInt(0, count($keep) - 2);
            $j = $this->luck->getInt($i + 1, count($keep) - 1);
            array_splice($keep, $i, $j - $i + 1, array_reverse(array_slice($keep, $i, $j - $i + 1)));
        }
        $without = $this->problem->worth($keep) === -INF ? $order : $keep;

        return $without;
    }
}
