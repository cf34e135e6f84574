<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Drill\Luck;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;

/** Moves a line now and then, by feel: another let-out, or the color of another line. */
final class MovesAtRandom implements TowHabit
{
    /** Let-outs that are tried, feet. */
    private const OUT_FT = [60, 200];

    private Luck $luck;

    public function __construct(int $seed)
    {
        $this->luck = Luck::of("moves {$seed}");
    }

    /** One line changed. */
    public function next(Spread $spread, array $runs, array $turns): Spread
    {
        $lines = array_map(static fn (RunningLine $r): SpreadLine => $r->line, $spread->lines);
        $at = $this->luck->between(0, count($lines) - 1);

        return $spread->changed($this->luck->between(0, 1) === 1
            ? $lines[$at]->letOut((float) $this->luck->between(...self::OUT_FT)) : $lines[$at]->with(['color' => $this->luck->one($lines)->color]));
    }
}
