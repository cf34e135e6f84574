<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\Lake;
use App\Models\LakeSpot;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Js;
use OldEddy\Basics\Units\Length;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Feature;
use OldEddy\Where\Lake\GridFrame;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Shade\ShoreStrip;

/** Turns positions into the water plan's points, in metres from the north-west corner. It draws; every number in it is the core's. */
final readonly class PlanDrawing
{
    /** The grid that is sent for the contours has about so many cells. */
    private const SENT_CELLS = 16_000;

    /** Room around the lake, of its greater side. */
    private const MARGIN = 0.025;

    /** A lake lower than this share of its width gets a band below it for the arrows. */
    private const LOW = 0.6;

    /** Cells along a sheet without a chart, and room around what is marked on it, metres. */
    private const BLANK_CELLS = 60;

    private const BLANK_M = 60.0;

    /** The script draws its depth lines at these, feet. */
    private const LINES_FT = [0, 2, 5, 10, 15, 20, 25, 30, 40, 50];

    public const WIND = 'wind';

    public const SUN = 'sun';

    /**
     * @param  string  $depths  what the script draws the depth bands from, as it stands on the page
     * @param  bool  $isCharted  whether anything is known of its depths or shore
     */
    private function __construct(private GridFrame $grid, public string $depths, public bool $isCharted = true)
    {
    }

    /**
     * The plan of a lake whose water stands so many feet above (plus) or below its reference level; one without a chart is a blank sheet
     * around what is marked on it; null where nothing is.
     */
    public static function of(Lake $lake, float $riseFt): ?self
    {
        $make = static function () use ($lake, $riseFt): ?array {
            $grid = $lake->workingGrid();
            $sent = $grid?->coarser((int) ceil(sqrt($grid->cols * $grid->rows / self::SENT_CELLS)));

            return $sent === null ? null : [$sent->frame(), self::depths($sent, $riseFt)];
        };
        // The same depths at the same level are the same drawing, whoever looks and whenever.
        $kept = $lake->hasDepths() ? Cache::remember("plan:{$lake->shapeKey()}:{$riseFt}", now()->addMonth(), $make) : null;
        if ($kept !== null) {
            return new self(...$kept);
        }
        $blank = self::blank($lake);

        return $blank === null ? null : new self($blank->frame(), self::depths($blank, 0.0), false);
    }

    /** The water within so many metres of a position, out of every cell that is known; null where none is. */
    public static function near(Lake $lake, float $riseFt, Position $at, float $metres): ?self
    {
        $kept = ! $lake->hasDepths() ? null : Cache::remember(
            sprintf('near:%s:%.6f:%.6f:%.1f:%.0f', $lake->shapeKey(), $at->lat, $at->lon, $riseFt, $metres), now()->addMonth(),
            static function () use ($lake, $riseFt, $at, $metres): array {
                $grid = $lake->fullGrid()?->around($at->lat, $at->lon, $metres);

                return $grid === null ? [] : [$grid->frame(), self::depths($grid, $riseFt)];
            },
        );

        return $kept === null || $kept === [] ? null : new self(...$kept);
    }

    /** A sheet on which nothing was measured, around the spots of a lake, its ramp and its tracks. */
    private static function blank(Lake $lake): ?DepthGrid
    {
        $places = [
            ...array_values($lake->spots->map(static fn (LakeSpot $s): array => [$s->lon, $s->lat])->all()), ...array_merge(...($lake->tracks ?? [])),
            ...($lake->ramp_lat === null ? [] : [[(float) $lake->ramp_lon, $lake->ramp_lat]]),
        ];
        if ($places === []) {
            return null;
        }
        [$lons, $lats] = [array_column($places, 0), array_column($places, 1)];
        $perLon = GridFrame::METRES_PER_DEGREE * cos(deg2rad(max($lats)));
        [$wide, $high] = [(max($lons) - min($lons)) * $perLon, (max($lats) - min($lats)) * GridFrame::METRES_PER_DEGREE];
        $room = max(self::BLANK_M, 0.15 * max($wide, $high));
        $cell = max($wide + 2 * $room, $high + 2 * $room) / self::BLANK_CELLS;
        [$cols, $rows] = [(int) ceil(($wide + 2 * $room) / $cell), (int) ceil(($high + 2 * $room) / $cell)];

        [$north, $west] = [max($lats) + $room / GridFrame::METRES_PER_DEGREE, min($lons) - $room / $perLon];

        return new DepthGrid($north, $west, $cell, $cols, $rows, array_fill(0, $cols * $rows, null));
    }

    public function x(float $lon): float
    {
        return round($this->grid->columnOf($lon) * $this->grid->cellM, 1);
    }

    public function y(float $lat): float
    {
        return round($this->grid->rowOf($lat) * $this->grid->cellM, 1);
    }

    public function box(): string
    {
        $margin = $this->margin();

        return sprintf('%.0f %.0f %.0f %.0f', -$margin, -$margin, $this->width() + 2 * $margin, $this->height() + 2 * $margin + $this->band());
    }

    public function width(): float
    {
        return $this->grid->cols * $this->grid->cellM;
    }

    public function height(): float
    {
        return $this->grid->rows * $this->grid->cellM;
    }

    private static function depths(DepthGrid $grid, float $levelFt): string
    {
        $depths = array_map(static fn (?float $d): ?float => $d === null ? null : round($d, 1), $grid->depthsFt);

        return Js::encode([
            'cols' => $grid->cols, 'rows' => $grid->rows, 'cell' => $grid->cellM, 'depths' => $depths, 'levels' => self::LINES_FT, 'rise' => $levelFt,
            'north' => $grid->north, 'west' => $grid->west, 'per_lat' => GridFrame::METRES_PER_DEGREE, 'per_lon' => $grid->metresPerLon(),
        ]);
    }

    /**
     * @param  list<array{float, float}>  $line  latitude, longitude
     */
    public function line(array $line): string
    {
        return implode(' ', array_map(fn (array $p): string => $this->x($p[1]).','.$this->y($p[0]), $line));
    }

    /** @param  list<Position>  $way */
    public function way(array $way): string
    {
        return $this->line(array_map(static fn (Position $p): array => [$p->lat, $p->lon], $way));
    }

    /**
     * A ring of shoreline, no finer than the screen shows it.
     *
     * @param  list<array{float, float}>  $ring  longitude, latitude
     */
    public function ring(array $ring): string
    {
        [$points, $last, $least] = [[], null, $this->metresPerPoint()];
        foreach ($ring as [$lon, $lat]) {
            $at = [$this->x($lon), $this->y($lat)];
            if ($last === null || hypot($at[0] - $last[0], $at[1] - $last[1]) >= $least) {
                $points[] = "{$at[0]},{$at[1]}";
                $last = $at;
            }
        }

        return implode(' ', $points);
    }

    /** An arrow for a corner of the plan, pointing towards a compass direction. */
    public function compassArrow(string $corner, float $towardDeg): string
    {
        [$x, $y] = $this->corner($corner);
        $half = 0.032 * $this->span();
        [$east, $south] = [sin(deg2rad($towardDeg)), -cos(deg2rad($towardDeg))];
        $tip = [$x + $east * $half, $y + $south * $half];
        $wing = static fn (float $turn): string => sprintf(
            'M%.1f %.1f L%.1f %.1f',
            $tip[0],
            $tip[1],
            $tip[0] - 0.6 * $half * sin(deg2rad($towardDeg + $turn)),
            $tip[1] + 0.6 * $half * cos(deg2rad($towardDeg + $turn)),
        );

        return sprintf('M%.1f %.1f L%.1f %.1f %s %s', $x - $east * $half, $y - $south * $half, $tip[0], $tip[1], $wing(25), $wing(-25));
    }

    /** @return array{x: float, y: float} where the words of a corner's arrow stand */
    public function compassText(string $corner): array
    {
        [$x, $y] = $this->corner($corner);

        return ['x' => round($x, 1), 'y' => round($y + 0.062 * $this->span(), 1)];
    }

    /** The size of words on the plan, in its metres. */
    public function wordM(): float
    {
        return round(0.018 * $this->span(), 1);
    }

    /** How many metres a point of the screen is, about, with the whole lake in sight. */
    public function metresPerPoint(): float
    {
        return round($this->span() / 810, 3);
    }

    /** @return array{float, float} */
    private function corner(string $corner): array
    {
        $in = 0.07 * $this->span();
        $floor = $this->height() + $this->band() - 1.1 * $in;

        return match (true) {
            $corner === self::WIND => [$in, $floor],
            $this->band() > 0 => [$this->width() - $in, $floor],
            default => [$this->width() - $in, 0.6 * $in],
        };
    }

    private function band(): float
    {
        return $this->height() < self::LOW * $this->width() ? 0.13 * $this->span() : 0.0;
    }

    private function margin(): float
    {
        return self::MARGIN * max($this->width(), $this->height());
    }

    private function span(): float
    {
        return max($this->width() + 2 * $this->margin(), 1.3 * ($this->height() + 2 * $this->margin()));
    }

    /** The strip of shade at a bank: from the waterline out by its width, twice as long as a mark is wide; never thinner than can be seen. */
    public function shade(float $lat, float $lon, float $facesDeg, float $widthFt): string
    {
        $point = $this->metresPerPoint();
        $along = 26 * $point;
        $out = max(4 * $point, min(60.0, Length::fromFeet($widthFt)->metres()));
        [$x, $y] = [$this->x($lon), $this->y($lat)];
        [$fx, $fy] = [sin(deg2rad($facesDeg)), -cos(deg2rad($facesDeg))];
        $points = [
            [-$fy * $along, $fx * $along], [$fy * $along, -$fx * $along], [$fy * $along + $fx * $out, -$fx * $along + $fy * $out],
            [-$fy * $along + $fx * $out, $fx * $along + $fy * $out],
        ];

        return implode(' ', array_map(static fn (array $p): string => round($x + $p[0], 1).','.round($y + $p[1], 1), $points));
    }

    /** Shade along a piece of bank, as wide as it is; never thinner than can be seen. */
    public function strip(ShoreStrip $strip): string
    {
        $out = max(3 * $this->metresPerPoint(), Length::fromFeet($strip->widthFt)->metres());
        [$east, $south] = [$out * sin(deg2rad($strip->facesDeg)), -$out * cos(deg2rad($strip->facesDeg))];
        [[$ax, $ay], [$bx, $by]] = [[$this->x($strip->from->lon), $this->y($strip->from->lat)], [$this->x($strip->to->lon), $this->y($strip->to->lat)]];

        return sprintf('%.1f,%.1f %.1f,%.1f %.1f,%.1f %.1f,%.1f', $ax, $ay, $bx, $by, $bx + $east, $by + $south, $ax + $east, $ay + $south);
    }

    /** A straight line. */
    public function straight(Position $from, Position $to): string
    {
        return sprintf('M%.1f %.1fL%.1f %.1f', $this->x($from->lon), $this->y($from->lat), $this->x($to->lon), $this->y($to->lat));
    }

    /** A line with a head where it ends. */
    public function arrow(Position $from, Position $to): string
    {
        [$x, $y] = [$this->x($to->lon), $this->y($to->lat)];
        $back = deg2rad($to->bearingTo($from));
        $wing = 9 * $this->metresPerPoint();
        $head = array_map(static fn (float $turn): array => [$x + $wing * sin($back + $turn), $y - $wing * cos($back + $turn)], [0.45, -0.45]);

        return $this->straight($from, $to).sprintf('M%.1f %.1fL%.1f %.1fL%.1f %.1f', $head[0][0], $head[0][1], $x, $y, $head[1][0], $head[1][1]);
    }

    /** A boat of 18 ft that points somewhere. */
    public function boat(Position $at, float $headingDeg): string
    {
        $corner = fn (float $ahead, float $aside): Position => $at->moved($headingDeg, $ahead)->moved($headingDeg + 90, $aside);
        $points = array_map(fn (Position $p): string => sprintf('%.1f %.1f', $this->x($p->lon), $this->y($p->lat)), [
            $corner(9, 0), $corner(4, 3.5), $corner(-9, 3.5), $corner(-9, -3.5), $corner(4, -3.5),
        ]);

        return 'M'.implode('L', $points).'Z';
    }

    /**
     * The marked spots of a page and the features that are offered, as marks of the plan.
     *
     * @param  list<LakeSpot>  $spots
     * @param  array<string, list<array{name: string, sign: string, feature: Feature}>>  $features  by kind
     * @return list<array{name: string, lat: float, lon: float, sign: string, class: string}>
     */
    public static function marks(array $spots, array $features): array
    {
        $marks = array_map(static fn (LakeSpot $s): array => ['name' => $s->name, 'lat' => $s->lat, 'lon' => $s->lon, 'sign' => '×', 'class' => 'best'], $spots);
        foreach (array_merge(...array_values($features)) as ['name' => $name, 'sign' => $sign, 'feature' => $feature]) {
            $marks[] = ['name' => $name, 'lat' => $feature->lat, 'lon' => $feature->lon, 'sign' => $sign, 'class' => 'found'];
        }

        return $marks;
    }
}
