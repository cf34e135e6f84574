<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Speed;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Level;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Reading\Stand;

/**
 * The next move of a spread: one line is moved in one thing, its depth, lure or color, toward what fired or to what nobody tried yet, and
 * another stays as it was for comparison. Basis: rule T10; how hopes are weighed (each level by its rate, drawn to the day's, and so many
 * deviations on top of it, as for what is known little) is our own, tried on hidden days.
 */
final readonly class Shift
{
    /** What is known little is hoped for by so many standard deviations. */
    private const HOPE = 1.5;

    /** A move is worth a line out of the water from so much more of its rate on, as a logarithm. */
    private const WORTH = 0.1;

    /** Lines that have run for so many minutes as they are have been tried. */
    private const TRIED_MIN = 10.0;

    /** Nearer to the surface than this no depth is tried, feet. */
    private const SHALLOWEST_FT = 3.0;

    /** A lure gets to a depth where it runs as near to it as this, feet. */
    private const THERE_FT = 1.0;

    /**
     * @param  SpreadLine  $moved  as it is to run
     * @param  Level  $to  what of it is new
     * @param  bool  $fired  whether that gave contacts already
     */
    private function __construct(public SpreadLine $moved, public SpreadLine $kept, public Level $to, public bool $fired)
    {
    }

    /** The move, or null before anything was towed, or where nothing is worth it. */
    public static function after(Fired $fired, Spread $spread, Stand $stand): ?self
    {
        $evidence = $fired->evidence;
        if (count($spread->lines) < 2 || $evidence->stints === []) {
            return null;
        }
        $hope = static fn (Level $l): float => self::hope($evidence, $l);
        $scores = array_map(static fn (RunningLine $r): float => array_sum(array_map($hope, array_column(self::now($r), 0))), $spread->lines);
        $moves = [];
        foreach ($spread->lines as $i => $running) {
            if ($fired->minutesOf($running->line) >= self::TRIED_MIN) {
                array_push($moves, ...self::moves($i, $spread, $stand, $hope));
            }
        }
        usort($moves, static fn (array $a, array $b): int => $b['gain'] <=> $a['gain']);
        foreach ($moves as $move) {
            $moved = $move['gain'] < self::WORTH ? null : self::moved($spread->lines[$move['of']], $move['to'], $move['ft'], $spread);
            if ($moved !== null) {
                // The best of the others stays, so that one knows what the day itself did.
                $others = array_diff_key($scores, [$move['of'] => 0]);
                arsort($others);
                $known = $evidence->of($move['to']->factor, $move['to']->name);

                return new self($moved, $spread->lines[(int) array_key_first($others)]->line, $move['to'], $known !== null && $known->contactCount > 0);
            }
        }

        return null;
    }

    /** A spread with the move made. */
    public function applied(Spread $spread): Spread
    {
        return $spread->changed($this->moved);
    }

    /** The move in words. */
    public function text(): Said
    {
        $what = Stint::said($this->to->name);
        $out = $this->to->factor === 'color' ? '' : Said::of(', {%.0f ft} out', $this->moved->letOutFt);

        return Said::joined(
            $this->fired ? 'They bite ' : 'Nobody tried ', $this->fired ? match ($this->to->factor) {
                'depth' => 'at ', 'color' => 'on ', default => 'the '
            } : '', $what, $this->fired ? ': shift ' : ' yet: shift ', $this->moved->words(), $this->to->factor === 'depth' ? ' there' : ' to it', $out,
            '. Keep ', $this->kept->words(), ' as it was.',
        );
    }

    /** How much of a level is hoped for against the day, as a logarithm. */
    private static function hope(Evidence $evidence, Level $level): float
    {
        $known = $evidence->of($level->factor, $level->name);
        $rate = $known->pooled ?? Rate::after($evidence->pool($level->factor), 0, 0);

        return log($rate->upTo(self::HOPE) / $evidence->day->mean());
    }

    /** @return array<string, array{Level, float}> depth, lure and color of a line as it runs, each with that depth, feet */
    private static function now(RunningLine $running): array
    {
        $now = [];
        foreach (['depth' => Stint::depthLevel($running->depthFt), 'lure' => $running->line->lure->key, 'color' => $running->line->color->value] as $factor => $name) {
            $now[$factor] = [new Level($factor, $name), $running->depthFt];
        }

        return $now;
    }

    /**
     * What could be changed of a line, and how much more is hoped for then.
     *
     * @param  callable(Level): float  $hope
     * @return list<array{of: int, to: Level, ft: float, gain: float}>
     */
    private static function moves(int $of, Spread $spread, Stand $stand, callable $hope): array
    {
        $now = self::now($spread->lines[$of]);
        $wanted = array_merge(...array_map(static fn (RunningLine $r): array => array_values(self::now($r)), $spread->lines));
        foreach (Stint::depthsBetween(max(self::SHALLOWEST_FT, $stand->shallowFt), $stand->deepFt) as $middle) {
            $wanted[] = [new Level('depth', Stint::depthLevel($middle)), $middle];
        }
        $moves = [];
        foreach ($wanted as [$level, $ft]) {
            if ($level->name !== $now[$level->factor][0]->name) {
                $moves[(string) $level] ??= ['of' => $of, 'to' => $level, 'ft' => $ft, 'gain' => $hope($level) - $hope($now[$level->factor][0])];
            }
        }

        return array_values($moves);
    }

    /** The line with the new thing; null where it does not get there. */
    private static function moved(RunningLine $running, Level $to, float $ft, Spread $spread): ?SpreadLine
    {
        $line = $running->line;
        if ($to->factor === 'depth') {
            $out = SpreadPlanner::outFor($running, $ft, $spread->speedMph);

            return abs($running->again(Speed::fromMph($spread->speedMph), $out)->depthFt - $ft) <= self::THERE_FT ? $line->letOut($out) : null;
        }
        foreach ($spread->lines as $other) {
            $like = $other->line;
            if ($to->factor === 'lure' && $like->lure->key === $to->name) {
                return $line->with(['lure' => $like->lure, 'lengthIn' => $like->lengthIn, 'weightOz' => $like->weightOz, 'points' => $like->points]);
            }
            if ($to->factor === 'color' && $like->color->value === $to->name) {
                return $line->with(['color' => $like->color]);
            }
        }

        return null;
    }
}
