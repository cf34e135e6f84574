<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Choice\Path\LurePath;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Pictures\Slice\Form;
use OldEddy\Pictures\Slice\Scene;

/**
 * Turns a scene's feet into the picture's points. It draws; every number in it is the core's. Below the water line heights are
 * stretched to fill the picture, and the stretch is said; above it a foot up is as long as a foot out, so that the sun's angle is true.
 */
final readonly class SliceDrawing
{
    /** A foot above the water is never longer than this, points. */
    private const AIR_MOST = 8.0;

    /** Room for the bottom's own material below the deepest water, as a share of the depth. */
    private const GROUND = 1.12;

    public float $width;

    public float $height;

    /** The water line and the picture's floor, points. */
    public float $line;

    public float $floor;

    private float $left;

    private float $right;

    /** @param  bool  $tall  as high as it is wide, for a narrow window */
    public function __construct(public Scene $scene, public bool $small = false, public bool $tall = false)
    {
        [$this->width, $this->height, $this->line, $this->floor, $this->left, $this->right] = match (true) {
            $small => [280.0, 150.0, 28.0, 132.0, 2.0, 2.0],
            $tall => [560.0, 600.0, 110.0, 574.0, 46.0, 10.0],
            default => [560.0, 314.0, 88.0, 294.0, 40.0, 10.0],
        };
    }

    public function x(float $distanceFt): float
    {
        return round($this->left + $distanceFt * $this->perFt(), 1);
    }

    /** A depth in feet; what is above the water is negative. */
    public function y(float $depthFt): float
    {
        return round($this->line + $depthFt * ($depthFt < 0 ? min(self::AIR_MOST, $this->perFt()) : $this->downPerFt()), 1);
    }

    /** Points of a foot out. */
    public function perFt(): float
    {
        return ($this->width - $this->left - $this->right) / $this->scene->lengthFt;
    }

    /** Points of a foot down. */
    public function downPerFt(): float
    {
        return ($this->floor - $this->line) / ($this->scene->depthFt * self::GROUND);
    }

    /** How many times heights are stretched against lengths. */
    public function stretch(): float
    {
        return $this->downPerFt() / $this->perFt();
    }

    /** The outline of the water body. */
    public function water(): string
    {
        return self::points([[$this->x(0), $this->line], [$this->x($this->scene->lengthFt), $this->line], ...array_reverse($this->bed())]);
    }

    /** The ground below the bottom line, down to the picture's floor. */
    public function ground(): string
    {
        return self::points([[$this->x(0), $this->floor], ...$this->bed(), [$this->x($this->scene->lengthFt), $this->floor]]);
    }

    /** The bottom line. */
    public function bottom(): string
    {
        return self::points($this->bed());
    }

    /** @return list<array{float, float}> */
    private function bed(): array
    {
        return array_map(fn (array $b): array => [$this->x($b[0]), $this->y($b[1])], $this->scene->bottom);
    }

    /** The surface, ruffled by the wind: a swell of a point for each four miles an hour (our own drawing). */
    public function surface(): string
    {
        $high = round(min(4.5, $this->scene->above->windMph / 4), 1);
        $from = $this->x(0);
        if ($high < 0.3) {
            return "M{$from} {$this->line}H".$this->x($this->scene->lengthFt);
        }
        $waves = (int) floor(($this->x($this->scene->lengthFt) - $from) / 18);

        return "M{$from} {$this->line}q4.5-{$high} 9 0".str_repeat('t9 0', max(1, 2 * $waves - 1));
    }

    /** @return array<string, string> the covers' forms as one path for each kind of stroke */
    public function forms(): array
    {
        $paths = [];
        foreach ($this->scene->forms as $form) {
            $paths[$form->kind->value] = ($paths[$form->kind->value] ?? '').$this->form($form);
        }

        return $paths;
    }

    private function form(Form $form): string
    {
        $at = array_map(fn (array $p): array => [$this->x($p[0]), $this->y($p[1])], $form->points);
        $path = 'M'.self::pair($at[0]);
        $before = $at[0];
        $bends = $form->kind->bends() && count($at) === 3;
        foreach (array_slice($at, 1) as $i => $point) {
            $path .= ($i === 0 ? ($bends ? 'q' : 'l') : ' ').self::pair([round($point[0] - $before[0], 1), round($point[1] - $before[1], 1)]);
            $before = $bends ? $before : $point;
        }

        return $path.($form->kind->isShape() ? 'z' : '');
    }

    /** @return list<array{float, float}> the fish, in points */
    public function fish(): array
    {
        return array_map(fn ($f): array => [$this->x($f->distanceFt), $this->y($f->depthFt)], $this->scene->fish);
    }

    /** @return array{float, float} half the width and half the height of a circle of so many feet */
    public function circle(float $radiusFt): array
    {
        return [round($radiusFt * $this->perFt(), 1), round($radiusFt * $this->downPerFt(), 1)];
    }

    /** The shade's outline, leaning as the sun does in the water. */
    public function shade(): ?string
    {
        $shade = $this->scene->shade;
        if ($shade === null) {
            return null;
        }
        $down = $this->scene->depthFt;
        $shift = $shade->leanPerFt * $down;

        return self::points([
            [$this->x($shade->fromFt), $this->line], [$this->x($shade->toFt), $this->line],
            [$this->x($shade->toFt + $shift), $this->y($down)], [$this->x($shade->fromFt + $shift), $this->y($down)],
        ]);
    }

    public function path(): string
    {
        return $this->way(array_map(static fn ($p): array => [$p->distanceFt, $p->depthFt], $this->scene->path?->points() ?? []));
    }

    /** The way of another lure through the same water. */
    public function beside(LurePath $other): string
    {
        return $this->way(array_map(static fn ($p): array => [$p->distanceFt, $p->depthFt], $other->points()));
    }

    /** Where the lure is in reach of a fish, as one path. */
    public function inReach(): string
    {
        $feet = static fn (array $run): array => array_map(static fn (array $moment): array => [$moment[1], $moment[2]], $run);

        return implode('', array_map(fn (array $run): string => $this->way($feet($run)), $this->scene->inReach));
    }

    /** A tick a second, as one path. */
    public function ticks(): string
    {
        $half = $this->small ? 2 : 4;

        $tick = fn (array $t): string => 'M'.self::pair([$this->x($t[0]), round($this->y($t[1]) - $half, 1)]).'v'.(2 * $half);

        return implode('', array_map($tick, $this->scene->ticks));
    }

    /**
     * The way of a lure, without the points that the eye would not miss.
     *
     * @param  list<array{float, float}>  $feet
     */
    private function way(array $feet): string
    {
        $path = '';
        $before = null;
        foreach ($feet as $i => $one) {
            $point = [$this->x($one[0]), $this->y($one[1])];
            if ($before !== null && $i < count($feet) - 1 && abs($point[0] - $before[0]) + abs($point[1] - $before[1]) < ($this->small ? 3.0 : 1.5)) {
                continue;
            }
            $path .= $before === null ? 'M'.self::pair($point).'l' : self::pair([round($point[0] - $before[0], 1), round($point[1] - $before[1], 1)]).' ';
            $before = $point;
        }

        return rtrim($path);
    }

    /** @return array{float, float}|null the sun in points, at its height and on its side of the cast; null where none is seen */
    public function sun(): ?array
    {
        $above = $this->scene->above;
        if ($above->sunDeg === null || $above->sunDeg < 0 || $above->sky->isCovered()) {
            return null;
        }
        $middle = ($this->x(0) + $this->x($this->scene->lengthFt)) / 2;
        $far = 0.9 * ($middle - $this->x(0)) * cos(deg2rad($above->sunDeg)) * ($above->sunAhead === 0.0 ? 0.5 : $above->sunAhead);

        return [round($middle + $far, 1), round($this->line - 12 - ($this->line - 26) * sin(deg2rad($above->sunDeg)), 1)];
    }

    /** Clouds as hatching, rain as slanted strokes. */
    public function clouds(): string
    {
        $wide = $this->width / 14;
        [$bars, $every] = match ($this->scene->above->sky) {
            Sky::Clear => [0, 1],
            Sky::Partly => [2, 3],
            Sky::Overcast, Sky::Rain => [3, 1],
        };
        $path = '';
        for ($i = 0; $bars > 0 && $i < 12; $i++) {
            if ($i % $every === 0) {
                for ($bar = 0; $bar < $bars; $bar++) {
                    $path .= 'M'.self::pair([round($wide * ($i + 1) + $bar * 5, 1), 8 + $bar * 4]).'h'.round($wide * 0.7 - $bar * 3, 1);
                }
            }
            if ($this->scene->above->sky === Sky::Rain) {
                $path .= 'M'.self::pair([round($wide * ($i + 1.6), 1), 26]).'l-5 '.round($this->line - 40, 1);
            }
        }

        return $path;
    }

    /** @return array{float, float} the rod's tip, in points */
    public function tip(): array
    {
        return [$this->x(0) + ($this->small ? 42 : 74), $this->line - ($this->small ? 21 : 42)];
    }

    /** @return array{float, float, float, float}|null where the lure's silhouette stands and how large, points */
    public function lure(): ?array
    {
        $lure = $this->scene->lureAt;
        $wide = $this->small ? 24.0 : 38.0;

        return $lure === null ? null : [round($this->x($lure->distanceFt) - $wide / 2, 1), round($this->y($lure->depthFt) - $wide / 4, 1), $wide, $wide / 2];
    }

    /** Where the seconds in reach are written: over the lure, inside the picture. */
    public function saidAt(): float
    {
        return max($this->left + 60, min($this->width - 60, $this->x($this->scene->lureAt->distanceFt ?? 0.0)));
    }

    /** The line from the rod's tip to the lure. */
    public function lineOut(): ?string
    {
        $lure = $this->scene->lureAt;
        if ($lure === null) {
            return null;
        }
        [$x, $y] = $this->tip();

        return 'M'.self::pair([$x, $y]).'Q'.self::pair([round(($x + $this->x($lure->distanceFt)) / 2, 1), $this->line]).' '
            .self::pair([$this->x($lure->distanceFt), $this->y($lure->depthFt)]);
    }

    /** @return list<float> depths for the scale, feet */
    public function depthMarks(): array
    {
        return self::marks($this->scene->depthFt, match (true) {
            $this->scene->depthFt <= 4 => 1.0,
            $this->scene->depthFt <= 10 => 2.0,
            $this->scene->depthFt <= 24 => 5.0,
            default => 10.0,
        });
    }

    /** @return list<float> distances for the scale, feet, the first one left out */
    public function lengthMarks(): array
    {
        return array_slice(self::marks($this->scene->lengthFt, $this->scene->lengthFt <= 20 ? 5.0 : ($this->scene->lengthFt <= 100 ? 20.0 : 40.0)), 1);
    }

    /** @return list<float> */
    private static function marks(float $to, float $step): array
    {
        return array_map(floatval(...), range(0, floor($to / $step) * $step, $step));
    }

    /** @param  array{float|int, float|int}  $pair */
    private static function pair(array $pair): string
    {
        return $pair[0].($pair[1] < 0 ? '' : ' ').$pair[1];
    }

    /** @param  list<array{float, float}>  $points */
    private static function points(array $points): string
    {
        return implode(' ', array_map(static fn (array $p): string => $p[0].','.$p[1], $points));
    }
}
