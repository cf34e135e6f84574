<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Choice\Path\CoverShape;
use OldEddy\Pictures\Slice\Scene;

/** Turns a scene's feet into the picture's points. It draws; every number in it is the core's. */
final readonly class SliceDrawing
{
    public const WIDTH = 560;

    public const HEIGHT = 300;

    private const LEFT = 46;

    private const RIGHT = 12;

    private const TOP = 34;

    private const BOTTOM = 40;

    /** The hatching of each cover. */
    private const HATCHES = [
        'lily_pads' => 'pads', 'reeds' => 'stems', 'grass_submerged' => 'stems', 'grass_edge' => 'stems', 'grass_matted' => 'mat',
        'grass_dying' => 'stems', 'dock' => 'dock', 'rock' => 'rock', 'overhang' => 'mat', 'standing_timber' => 'stems',
    ];

    public function __construct(private Scene $scene)
    {
    }

    public function x(float $distanceFt): float
    {
        return round(self::LEFT + $distanceFt / $this->scene->lengthFt * (self::WIDTH - self::LEFT - self::RIGHT), 1);
    }

    public function y(float $depthFt): float
    {
        return round(self::TOP + $depthFt / ($this->scene->depthFt * 1.06) * (self::HEIGHT - self::TOP - self::BOTTOM), 1);
    }

    /** The outline of the water body. */
    public function water(): string
    {
        $points = [[$this->x(0), $this->y(0)], [$this->x($this->scene->lengthFt), $this->y(0)]];
        foreach (array_reverse($this->scene->bottom) as [$distance, $depth]) {
            $points[] = [$this->x($distance), $this->y($depth)];
        }

        return self::points($points);
    }

    /** The ground below the bottom line, down to the picture's floor. */
    public function ground(): string
    {
        $floor = self::HEIGHT - self::BOTTOM;
        $points = [[$this->x(0), $floor]];
        foreach ($this->scene->bottom as [$distance, $depth]) {
            $points[] = [$this->x($distance), $this->y($depth)];
        }
        $points[] = [$this->x($this->scene->lengthFt), $floor];

        return self::points($points);
    }

    /** The bottom line. */
    public function bottom(): string
    {
        return self::points(array_map(fn (array $b): array => [$this->x($b[0]), $this->y($b[1])], $this->scene->bottom));
    }

    /** The fish band, widened up and down by a reach in feet, kept inside the water. */
    public function band(float $reachFt = 0.0): string
    {
        $upper = [];
        $lower = [];
        for ($i = 0; $i <= 40; $i++) {
            $at = $this->scene->bandNearFt + ($this->scene->bandFarFt - $this->scene->bandNearFt) * $i / 40;
            $bottom = $this->scene->bottomAt($at);
            $upper[] = [$this->x($at), $this->y(max(0.0, min($bottom, $this->scene->bandTopFt - $reachFt)))];
            $lower[] = [$this->x($at), $this->y(min($bottom, $this->scene->bandFloorFt + $reachFt))];
        }

        return self::points([...$upper, ...array_reverse($lower)]);
    }

    public function path(): string
    {
        return self::points(array_map(fn ($p): array => [$this->x($p->distanceFt), $this->y($p->depthFt)], $this->scene->path?->points() ?? []));
    }

    /** @return list<array{float, float}> a tick a second, in points */
    public function ticks(): array
    {
        return array_map(fn (array $t): array => [$this->x($t[0]), $this->y($t[1])], $this->scene->ticks);
    }

    /** @return list<array{points: string, hatch: string, name: string}> */
    public function covers(): array
    {
        $shapes = [];
        foreach ($this->scene->covers as $cover) {
            $shape = CoverShape::of($cover);
            if ($shape === null) {
                continue;
            }
            $upper = [];
            $lower = [];
            for ($i = 0; $i <= 12; $i++) {
                $at = $this->scene->lengthFt * ($shape->from + ($shape->to - $shape->from) * $i / 12);
                $bottom = $this->scene->bottomAt($at);
                $lower[] = [$this->x($at), $this->y($bottom)];
                $upper[] = [$this->x($at), $this->y($bottom * (1 - $shape->height))];
            }
            if ($shape->onSurface) {
                $lower = array_map(fn (array $p): array => [$p[0], $this->y(min(0.8, $this->scene->depthFt * 0.12))], $upper);
            }
            $shapes[] = [
                'points' => self::points([...$upper, ...array_reverse($lower)]),
                'hatch' => self::HATCHES[$cover->value] ?? 'wood',
                'name' => $cover->words(),
            ];
        }

        return $shapes;
    }

    /** @return list<float> depths for the scale, feet */
    public function depthMarks(): array
    {
        $step = match (true) {
            $this->scene->depthFt <= 4 => 1.0,
            $this->scene->depthFt <= 10 => 2.0,
            $this->scene->depthFt <= 24 => 5.0,
            default => 10.0,
        };

        return array_map('floatval', range(0, floor($this->scene->depthFt / $step) * $step, $step));
    }

    /** @param  list<array{float, float}>  $points */
    private static function points(array $points): string
    {
        return implode(' ', array_map(static fn (array $p): string => $p[0].','.$p[1], $points));
    }
}
