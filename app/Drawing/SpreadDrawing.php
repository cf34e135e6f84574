<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Reading\Stand;
use OldEddy\Troll\BoatTurn;
use OldEddy\Troll\BottomBehind;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;

/** Turns a spread into points, from above (to one scale) and from the side (depths drawn larger than lengths). It draws; every number in it is the core's. */
final readonly class SpreadDrawing
{
    public const WIDTH = 640;

    public const SIDE_HEIGHT = 300;

    private const MARGIN = 26.0;

    private const TOP = 44.0;

    /** A narrow spread is not blown up beyond so many points a foot. */
    private const MOST_POINTS_A_FOOT = 2.6;

    private const HIGHEST = 420.0;

    /** Marks nearer than this would hide each other, points. */
    private const APART = 16.0;

    /** The side keeps so many feet of water at least. */
    private const LEAST_FT = 8.0;

    private const LEAST_BACK_FT = 20.0;

    /** The boat itself has room, feet to either side. */
    private const HULL_FT = [-6.0, 6.0];

    /** Points a foot from above. */
    public float $foot;

    public float $height;

    private float $middle;

    private Scale $along;

    private Scale $down;

    private float $deep;

    /** From the side: where the lines begin and end, where the surface and the deepest water lie. */
    private const ALONG = [66.0, 514.0];

    private const DOWN = [44.0, 250.0];

    public function __construct(private Spread $spread, private ?BoatTurn $turn, private bool $toRight, Stand $stand, private BottomBehind $ground)
    {
        $places = array_map($this->place(...), $spread->lines);
        $asides = [...self::HULL_FT, ...array_column($places, 0), ...array_map(static fn (RunningLine $r): float => $r->line->asideFt(), $spread->lines)];
        [$left, $right] = [min($asides), max($asides)];
        $back = max([self::LEAST_BACK_FT, ...array_column($places, 1)]);
        $this->foot = min(self::MOST_POINTS_A_FOOT, (self::WIDTH - 2 * self::MARGIN) / max(1.0, $right - $left), self::HIGHEST / $back);
        $this->middle = (self::WIDTH - $this->foot * ($right + $left)) / 2;
        $this->height = round(self::TOP + $this->foot * $back + self::MARGIN + 8);
        $this->along = new Scale(0, max([self::LEAST_BACK_FT, ...array_map(static fn (RunningLine $r): float => $r->backFt, $spread->lines)]), ...self::ALONG);
        $depths = array_map(static fn (RunningLine $r): float => $r->depthFt, $spread->lines);
        $turned = array_map(static fn ($lure): float => $lure->depthFt, array_values($turn->lures ?? []));
        $this->deep = 1.12 * max(self::LEAST_FT, $ground->deepestFt(), $stand->deepFt, ...$depths, ...$turned);
        $this->down = new Scale(0, $this->deep, ...self::DOWN);
    }

    /** @return array{float, float} where the boat's stern is, from above */
    public function stern(): array
    {
        return [round($this->middle, 1), self::TOP];
    }

    /** @return array{float, float} where a line's board or rod tip is, from above */
    public function tip(RunningLine $line): array
    {
        return [round($this->middle + $this->foot * $line->line->asideFt(), 1), self::TOP];
    }

    /** @return array{float, float} where its lure is, from above */
    public function lure(RunningLine $line): array
    {
        [$aside, $back] = $this->place($line);

        return [round($this->middle + $this->foot * $aside, 1), round(self::TOP + $this->foot * $back, 1)];
    }

    /** The circle on which a lure goes in the turn, as a path; null straight on. */
    public function circle(RunningLine $line): ?string
    {
        $radius = $this->turn->lures[$line->line->key]->circleFt ?? 0.0;
        if ($this->turn === null || $radius <= 0) {
            return null;
        }
        $center = $this->middle + ($this->toRight ? 1 : -1) * $this->foot * $this->turn->radiusFt;
        $r = $radius * $this->foot;
        $start = $center - ($this->toRight ? 1 : -1) * $r;
        [$x, $y] = $this->lure($line);

        return sprintf('M%.1f %.1f A%.1f %.1f 0 0 %d %.1f %.1f', $start, self::TOP, $r, $r, $this->toRight ? 0 : 1, $x, $y);
    }

    /** A line from its tip down to the lure, from the side. */
    public function run(RunningLine $line): string
    {
        return implode(' ', array_map(fn (array $p): string => "{$this->x($p[0])},{$this->y($p[1])}", $line->shape));
    }

    /** @return array{float, float} its lure, from the side */
    public function hangs(RunningLine $line): array
    {
        return [$this->x($line->backFt), $this->y($line->depthFt)];
    }

    /**
     * The lures from the side: where, by which numbers (several where they run as one), whether to be minded.
     *
     * @return list<array{float, float, string, bool}>
     */
    public function together(): array
    {
        $marks = [];
        foreach ($this->spread->lines as $i => $line) {
            [$x, $y] = $this->hangs($line);
            foreach ($marks as $at => [$otherX, $otherY, $numbers, $minded]) {
                if (hypot($x - $otherX, $y - $otherY) < self::APART) {
                    $marks[$at] = [$otherX, $otherY, $numbers.', '.($i + 1), $minded || $this->isMinded($line)];

                    continue 2;
                }
            }
            $marks[] = [$x, $y, (string) ($i + 1), $this->isMinded($line)];
        }

        return $marks;
    }

    /** Where its lure goes to in the turn, from the side; null straight on. */
    public function turned(RunningLine $line): ?float
    {
        $lure = $this->turn->lures[$line->line->key] ?? null;

        return $lure === null ? null : $this->y($lure->depthFt);
    }

    /** Where a distance behind the tips lies, from the side. */
    public function x(float $backFt): float
    {
        return $this->along->at($backFt);
    }

    /** Where a depth lies, from the side. */
    public function y(float $depthFt): float
    {
        return $this->down->at($depthFt);
    }

    /** How deep a lure runs: as it goes straight on, or in the turn that is looked at, feet. */
    public function runsFt(RunningLine $line): float
    {
        return $this->turn->lures[$line->line->key]->depthFt ?? $line->depthFt;
    }

    /** Whether a lure all but stops in the turn, or drags on the bottom. */
    public function isMinded(RunningLine $line): bool
    {
        $under = $this->ground->under[$line->line->key] ?? null;

        return ($this->turn->lures[$line->line->key]->hangs ?? false) || ($under !== null && $this->runsFt($line) >= $under);
    }

    /** The bottom from the side, as the points of a line from the boat back past the farthest lure; null where it is unknown. */
    public function bottom(): ?string
    {
        $behind = $this->ground->behind;
        if ($behind === []) {
            return null;
        }
        $points = array_map(fn (array $p): string => "{$this->x($p[0])},{$this->y($p[1])}", $behind);

        return "0,{$this->y($behind[0][1])} ".implode(' ', $points).' '.self::WIDTH.",{$this->y($behind[count($behind) - 1][1])}";
    }

    /** How many times larger depths are drawn than lengths. */
    public function steeper(): float
    {
        return round($this->down->perUnit() / $this->along->perUnit(), 1);
    }

    /** The deepest that is drawn, feet. */
    public function deepestFt(): float
    {
        return $this->deep;
    }

    /** @return list<float> depths to be marked, feet */
    public function depths(float $step): array
    {
        $marks = [];
        for ($at = $step; $at < $this->deep; $at += $step) {
            $marks[] = $at;
        }

        return $marks;
    }

    /** Feet between two marks of the depth. */
    public function step(): float
    {
        return $this->deep > 45 ? 10.0 : ($this->deep > 18 ? 5.0 : 2.0);
    }

    /** @return array{float, float} feet to the right of the boat's middle, and feet behind */
    private function place(RunningLine $line): array
    {
        return $this->turn?->lures[$line->line->key]->place($this->turn->radiusFt, $this->toRight) ?? [$line->line->asideFt(), $line->backFt];
    }
}
