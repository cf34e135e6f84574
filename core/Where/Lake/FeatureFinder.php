<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use OldEddy\Basics\Units\Length;
use OldEddy\Day\Conditions\Structure;

/**
 * Reads a lake's grid for what fish use. Basis: rule S23 (our own): curvature and position index; the limits are our own
 * and held by hand-made lakes whose features are known.
 */
final class FeatureFinder
{
    /** Goes up when the same bottom would give other features, or features of another form: what was kept is found anew then. */
    public const EDITION = 2;

    /** Features are sought on cells of about this many; a finer grid is made coarser first. */
    private const WORKING_CELLS = 90_000;

    /** Water that is fished, feet. */
    private const FISHED_FT = [1.5, 45.0];

    /** Contours that bend with a radius under this are points and notches, metres. */
    private const BEND_RADIUS_M = 70.0;

    /** A point or notch lies on ground this steep or more, per cent; on flatter ground contours wander. */
    private const BEND_SLOPE = 2.0;

    private const FLAT_SLOPE = 1.5;

    private const LEDGE_SLOPE = 14.0;

    /** Least area of a feature, square metres. */
    private const AREA_M2 = ['bend' => 300.0, 'flat' => 8000.0, 'ledge' => 1200.0, 'channel' => 2500.0];

    /** A hump stands so many feet above the lowest way to anything shallower. */
    private const RISE_FT = 2.0;

    /** Depth of a channel below its surroundings, feet. */
    private const CHANNEL_FT = 2.0;

    /** A channel swing comes this near to the bank, metres. */
    private const SWING_M = 60.0;

    private readonly float $cellArea;

    private function __construct(private readonly Ground $bottom)
    {
        $this->cellArea = $bottom->grid->cellM ** 2;
    }

    /** @return list<Feature> the most marked of each kind first */
    public static function find(DepthGrid $grid): array
    {
        $factor = (int) ceil(sqrt($grid->cols * $grid->rows / self::WORKING_CELLS));
        $finder = new self(Ground::of($grid->coarser($factor)));
        $found = [
            ...$finder->bends(), ...$finder->humps(), ...$finder->saddles(), ...$finder->flats(), ...$finder->ledges(), ...$finder->swings(),
            ...$finder->transitions(),
        ];
        usort($found, static fn (Feature $a, Feature $b): int => [$a->kind->value, $b->strength] <=> [$b->kind->value, $a->strength]);

        return $found;
    }

    /** @return list<Feature> points, and notches in the break */
    private function bends(): array
    {
        $found = [];
        foreach ([[Structure::Point, 1], [Structure::Notch, -1]] as [$kind, $sign]) {
            $cells = $this->where(fn (int $i): bool => $sign * $this->bottom->bend[$i] > 1 / self::BEND_RADIUS_M && $this->bottom->slope[$i] >= self::BEND_SLOPE
                // A hump's rim bends as well; a point is tied to the bank, and is high ground, as a notch is low.
                && $sign * $this->bottom->height[$i] > 0);
            foreach (Patches::of($cells, $this->bottom->grid->cols) as $patch) {
                $nearest = min(array_map(fn (int $i): float => $this->bottom->shoreM[$i], $patch));
                if (count($patch) * $this->cellArea >= self::AREA_M2['bend'] && $nearest <= 3 * $this->bottom->grid->cellM + 15) {
                    $found[] = $this->feature($kind, $patch, fn (int $i): float => abs($this->bottom->height[$i]) * $this->bottom->slope[$i]);
                }
            }
        }

        return $found;
    }

    /** @return list<Feature> high ground with deeper water all round */
    private function humps(): array
    {
        $found = [];
        $cols = $this->bottom->grid->cols;
        $taken = [];
        foreach ($this->tops() as $top) {
            if (isset($taken[$top])) {
                continue;
            }
            $ring = $this->bottom->depth[$top] + self::RISE_FT;
            $patch = $this->flood($top, $ring);
            if ($patch !== null) {
                foreach ($patch as $i) {
                    $taken[$i] = true;
                }
                $found[] = $this->feature(Structure::Hump, $patch, fn (int $i): float => $ring - $this->bottom->depth[$i]);
            }
        }

        return $found;
    }

    /** @return list<int> cells no neighbour is shallower than, the shallowest first */
    private function tops(): array
    {
        $cols = $this->bottom->grid->cols;
        $tops = [];
        foreach ($this->where(fn (int $i): bool => $this->bottom->height[$i] > 0.3) as $i => $yes) {
            $depth = $this->bottom->depth[$i];
            foreach ([-$cols - 1, -$cols, -$cols + 1, -1, 1, $cols - 1, $cols, $cols + 1] as $to) {
                $beside = $this->bottom->depth[$i + $to] ?? null;
                if ($beside === null || $beside < $depth) {
                    continue 2;
                }
            }
            $tops[$i] = $depth;
        }
        asort($tops);

        return array_keys($tops);
    }

    /**
     * The ground around a top down to a depth, or null where that reaches land, shallower ground or the unknown.
     *
     * @return ?list<int>
     */
    private function flood(int $top, float $toFt): ?array
    {
        $cols = $this->bottom->grid->cols;
        $patch = [$top];
        $seen = [$top => true];
        for ($n = 0; $n < count($patch); $n++) {
            $col = $patch[$n] % $cols;
            foreach ([-$cols, -1, 1, $cols] as $step) {
                $to = $patch[$n] + $step;
                if (isset($seen[$to])) {
                    continue;
                }
                $depth = $this->bottom->depth[$to] ?? null;
                if ($depth === null || $depth < $this->bottom->depth[$top] || ($step === -1 && $col === 0) || ($step === 1 && $col === $cols - 1)) {
                    return null;
                }
                if ($depth < $toFt) {
                    $seen[$to] = true;
                    $patch[] = $to;
                }
            }
        }

        return $patch;
    }

    /** @return list<Feature> lowest places on the ridge between two heights */
    private function saddles(): array
    {
        $found = [];
        $cells = $this->where(fn (int $i): bool => $this->bottom->twist[$i] < 0 && $this->bottom->slope[$i] < self::BEND_SLOPE && $this->isPass($i));
        foreach (Patches::of($cells, $this->bottom->grid->cols) as $patch) {
            $found[] = $this->feature(Structure::Saddle, $patch, fn (int $i): float => -$this->bottom->twist[$i], count($patch));
        }

        return $found;
    }

    /** Whether the ground around a cell goes up, down, up, down: a ring of neighbours at a distance crosses its depth four times. */
    private function isPass(int $i): bool
    {
        $cols = $this->bottom->grid->cols;
        $r = max(2, (int) round(30 / $this->bottom->grid->cellM));
        $changes = 0;
        $before = null;
        $first = null;
        for ($step = 0; $step < 16; $step++) {
            $angle = M_PI * $step / 8;
            $to = $this->bottom->depth[$i + (int) round($r * cos($angle)) + $cols * (int) round($r * sin($angle))] ?? null;
            if ($to === null || abs($to - $this->bottom->depth[$i]) < 0.15) {
                continue;
            }
            $deeper = $to > $this->bottom->depth[$i];
            $first ??= $deeper;
            $changes += $before !== null && $before !== $deeper ? 1 : 0;
            $before = $deeper;
        }

        return $changes + ($before !== $first ? 1 : 0) >= 4;
    }

    /** @return list<Feature> */
    private function flats(): array
    {
        return $this->ground(
            Structure::Flat,
            self::AREA_M2['flat'],
            fn (int $i): bool => $this->bottom->slope[$i] < self::FLAT_SLOPE && $this->bottom->depth[$i] <= 20,
        );
    }

    /** @return list<Feature> breaks out in the lake, off the bank's own slope */
    private function ledges(): array
    {
        return $this->ground(
            Structure::Ledge,
            self::AREA_M2['ledge'],
            fn (int $i): bool => $this->bottom->slope[$i] >= self::LEDGE_SLOPE && $this->bottom->shoreM[$i] > 40 && $this->bottom->depth[$i] >= 6,
        );
    }

    /**
     * @param  callable(int): bool  $is
     * @return list<Feature>
     */
    private function ground(Structure $kind, float $leastM2, callable $is): array
    {
        $found = [];
        foreach (Patches::of($this->where($is), $this->bottom->grid->cols) as $patch) {
            if (count($patch) * $this->cellArea >= $leastM2) {
                $found[] = $this->feature($kind, $patch, static fn (int $i): float => 1.0, count($patch) * $this->cellArea / $leastM2);
            }
        }

        return $found;
    }

    /** @return list<Feature> where a channel comes near the bank */
    private function swings(): array
    {
        $found = [];
        $channel = $this->where(fn (int $i): bool => $this->bottom->height[$i] < -self::CHANNEL_FT && $this->bottom->depth[$i] >= 5);
        foreach (Patches::of($channel, $this->bottom->grid->cols) as $patch) {
            if (count($patch) * $this->cellArea < self::AREA_M2['channel']) {
                continue;
            }
            $far = array_map(fn (int $i): float => $this->bottom->shoreM[$i], $patch);
            sort($far);
            $usual = $far[intdiv(count($far), 2)];
            $near = [];
            foreach ($patch as $i) {
                if ($this->bottom->shoreM[$i] <= min(self::SWING_M, 0.6 * $usual)) {
                    $near[$i] = true;
                }
            }
            foreach (Patches::of($near, $this->bottom->grid->cols) as $bend) {
                $found[] = $this->feature(Structure::ChannelSwing, $bend, fn (int $i): float => $usual - $this->bottom->shoreM[$i]);
            }
        }

        return $found;
    }

    /** @return list<Feature> where a steep bank turns flat */
    private function transitions(): array
    {
        $grid = $this->bottom->grid;
        $steep = [];
        foreach ($this->where(fn (int $i): bool => $this->bottom->shoreM[$i] > 0 && $this->bottom->shoreM[$i] <= 25 + $grid->cellM) as $i => $yes) {
            $steep[$i] = 100 * Length::fromFeet($this->bottom->depth[$i])->metres() / $this->bottom->shoreM[$i];
        }
        $r = max(2, (int) round(40 / $grid->cellM));
        $cells = [];
        foreach ($steep as $i => $own) {
            [$most, $least] = [$own, $own];
            for ($y = -$r; $y <= $r; $y++) {
                for ($x = -$r; $x <= $r; $x++) {
                    if ($x * $x + $y * $y <= $r * $r && isset($steep[$i + $y * $grid->cols + $x])) {
                        $most = max($most, $steep[$i + $y * $grid->cols + $x]);
                        $least = min($least, $steep[$i + $y * $grid->cols + $x]);
                    }
                }
            }
            if ($most >= 25 && $least <= 8) {
                $cells[$i] = true;
            }
        }
        $found = [];
        foreach (Patches::of($cells, $grid->cols) as $patch) {
            if (count($patch) * $this->cellArea >= self::AREA_M2['bend']) {
                $found[] = $this->feature(Structure::BluffTransition, $patch, static fn (int $i): float => 1.0);
            }
        }

        return $found;
    }

    /**
     * Fished water whose cells pass.
     *
     * @param  callable(int): bool  $is
     * @return array<int, true>
     */
    private function where(callable $is): array
    {
        $cells = [];
        [$least, $most] = self::FISHED_FT;
        foreach ($this->bottom->depth as $i => $depth) {
            if ($depth !== null && $depth >= $least && $depth <= $most && $this->bottom->slope[$i] !== null && $is($i)) {
                $cells[$i] = true;
            }
        }

        return $cells;
    }

    /**
     * @param  non-empty-list<int>  $patch
     * @param  callable(int): float  $marked  how marked the feature is at a cell; it lies where that is greatest in sum
     */
    private function feature(Structure $kind, array $patch, callable $marked, ?float $strength = null): Feature
    {
        [$x, $y, $sum] = [0.0, 0.0, 1e-9];
        $depths = [];
        foreach ($patch as $i) {
            $weight = max(1e-6, $marked($i));
            $x += $weight * ($i % $this->bottom->grid->cols);
            $y += $weight * intdiv($i, $this->bottom->grid->cols);
            $sum += $weight;
            $depths[] = $this->bottom->depth[$i];
        }
        [$lat, $lon] = $this->bottom->grid->position($x / $sum, $y / $sum);

        return new Feature($kind, $lat, $lon, round(min($depths), 1), round(max($depths), 1), $strength ?? $sum);
    }
}
