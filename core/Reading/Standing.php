<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Curve;

/**
 * How fish stand at a place: over how much water they are found, and how deep they hang there. What a cast reaches, what is drawn and what
 * is said of them all come from here (rule F21). Basis: own choice of the shapes; the stand's band and column.
 */
final readonly class Standing
{
    /** A fish on the bottom is so far above it, feet. */
    public const OVER_BOTTOM_FT = 0.5;

    /** Fish at the surface hang within so many feet of it. */
    public const SURFACE_FT = 2.0;

    /** Beyond the band their number fades over this share of it, and at least over so many feet. */
    private const FADES = [0.15, 0.8];

    /** So many fish stand for all of those that hang between two depths. */
    private const LAYERS = 3;

    private const UNDER_SURFACE_FT = 0.3;

    public function __construct(private Stand $stand)
    {
    }

    /** How many stand over so much water (feet, 0 or more), against where most of them stand: 0 to 1. */
    public function over(float $waterFt): float
    {
        [$shallow, $deep] = [$this->stand->shallowFt, $this->stand->deepFt];
        $fade = max(self::FADES[1], self::FADES[0] * ($deep - $shallow));
        // The shallowest water that holds their depth; those that hang do so over any that is deeper.
        $rises = Curve::through([[$shallow - $fade, 0.0], [$shallow, 1.0]], $waterFt);
        if ($this->stand->column->hangs()) {
            return $rises;
        }

        $ends = $deep + self::OVER_BOTTOM_FT;

        return $rises * Curve::through([[$ends, 1.0], [$ends + $fade * ($this->stand->column === Column::Mid ? 3 : 1), 0.0]], $waterFt);
    }

    /**
     * The depths at which they hang over so much water, feet below the surface, shallowest first; each stands for as many of them.
     *
     * @return non-empty-list<float>
     */
    public function depths(float $waterFt): array
    {
        $floor = max(self::UNDER_SURFACE_FT, $waterFt - self::OVER_BOTTOM_FT);
        [$from, $to] = match ($this->stand->column) {
            Column::Bottom => [$floor, $floor],
            // Between a quarter and three quarters of the water, within their band.
            Column::Mid => [
                max($this->stand->shallowFt, min(0.25 * $waterFt, $this->stand->deepFt)),
                min($this->stand->deepFt, max(0.75 * $waterFt, $this->stand->shallowFt)),
            ],
            Column::Suspended => [$this->stand->shallowFt, $this->stand->deepFt],
            Column::Surface => [self::UNDER_SURFACE_FT, self::SURFACE_FT],
        };
        [$from, $to] = [max(self::UNDER_SURFACE_FT, min($from, $floor)), max(self::UNDER_SURFACE_FT, min(max($from, $to), $floor))];
        if ($to - $from < 0.2) {
            return [($from + $to) / 2];
        }

        return array_map(static fn (int $i): float => $from + ($i + 0.5) / self::LAYERS * ($to - $from), range(0, self::LAYERS - 1));
    }

    /** The depth at which the middle one of them hangs over so much water, feet. */
    public function middleFt(float $waterFt): float
    {
        $depths = $this->depths($waterFt);

        return $depths[intdiv(count($depths), 2)];
    }

    /**
     * Cells of water and height above the bottom with the share of the fish that stand in each; the shares come to 1.
     *
     * @param  float  $fromFt  the shallowest water of the place
     * @param  float  $toFt  the deepest
     * @return list<array{water_ft: float, above_bottom_ft: float, share: float}>
     */
    public function cells(float $fromFt, float $toFt, int $steps = 8): array
    {
        $cells = [];
        for ($i = 0; $i < $steps; $i++) {
            $water = $fromFt + ($i + 0.5) / $steps * ($toFt - $fromFt);
            $depths = $this->depths($water);
            foreach ($depths as $depth) {
                $cells[] = ['water_ft' => round($water, 2), 'above_bottom_ft' => round(max(0.0, $water - $depth), 2), 'share' => $this->over($water) / count($depths)];
            }
        }
        $all = array_sum(array_column($cells, 'share'));
        if ($all <= 0.0) {
            // Nothing of the place is what they want: those that are there stand at its end nearest to it.
            $water = $this->stand->shallowFt > $toFt ? $toFt : $fromFt;

            return [['water_ft' => round($water, 2), 'above_bottom_ft' => round(max(0.0, $water - $this->depths($water)[0]), 2), 'share' => 1.0]];
        }

        return array_values(array_map(
            static fn (array $c): array => ['share' => $c['share'] / $all] + $c, array_filter($cells, static fn (array $c): bool => $c['share'] > 0.0),
        ));
    }
}
