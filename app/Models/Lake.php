<?php

declare(strict_types=1);

namespace App\Models;

use App\Waters\PackedGrid;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OldEddy\Lake\Bottom;
use OldEddy\Lake\DepthGrid;
use OldEddy\Lake\Fetch;
use OldEddy\Lake\Shape;

/**
 * A lake with its shape and spots.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property list<list<array{float, float}>>|null $shoreline rings of longitude and latitude
 * @property list<array{name: string, lat: float, lon: float}>|null $sections names of arms and sections
 * @property list<list<array{float, float}>>|null $tracks longitude, latitude
 * @property list<string>|null $dropped found features that are not wanted
 * @property ?string $grid
 * @property ?string $working
 * @property ?float $ramp_lat
 * @property ?float $ramp_lon
 * @property-read Collection<int, LakeSpot> $spots
 */
final class Lake extends Model
{
    /** Cells of the working grid, about. */
    private const WORKING_CELLS = 60_000;

    protected $fillable = ['name', 'shoreline', 'sections', 'tracks', 'dropped', 'grid', 'working', 'ramp_lat', 'ramp_lon'];

    protected $attributes = ['shoreline' => null, 'sections' => null, 'tracks' => null, 'dropped' => null, 'grid' => null, 'working' => null, 'ramp_lat' => null, 'ramp_lon' => null];

    protected $hidden = ['grid', 'working'];

    private ?DepthGrid $unpacked = null;

    private ?Bottom $bottom = null;

    /** @return HasMany<LakeSpot, $this> */
    public function spots(): HasMany
    {
        $relation = $this->hasMany(LakeSpot::class);
        $relation->orderBy('name');

        return $relation;
    }

    /** Keeps new depths, and reads again what they say of each spot. */
    public function keepGrid(DepthGrid $grid): void
    {
        $factor = (int) ceil(sqrt($grid->cols * $grid->rows / self::WORKING_CELLS));
        $this->update(['grid' => PackedGrid::pack($grid), 'working' => PackedGrid::pack($grid->coarser($factor))]);
        [$this->unpacked, $this->bottom] = [null, null];
        foreach ($this->spots()->get() as $spot) {
            $spot->update($this->read($spot->lat, $spot->lon));
        }
    }

    /** The marked spot nearest to a position, within so many metres; null where there is none. */
    public function nearest(float $lat, float $lon, float $withinM = 100.0): ?LakeSpot
    {
        $far = fn (LakeSpot $s): float => hypot($s->lat - $lat, ($s->lon - $lon) * cos(deg2rad($lat))) * DepthGrid::METRES_PER_DEGREE;
        $best = $this->spots->sortBy($far)->first();

        return $best === null || $far($best) > $withinM ? null : $best;
    }

    /** @return array{fetch_ft: ?list<float>, shape: ?array{float, float, float}} what the lake's shape says of a position */
    public function read(float $lat, float $lon): array
    {
        $grid = $this->workingGrid();
        $shape = $grid === null ? null : Shape::at($this->bottom ??= Bottom::of($grid), $lat, $lon);

        return ['fetch_ft' => $grid === null ? null : Fetch::at($grid, $lat, $lon), 'shape' => $shape === null ? null : [$shape->slopePercent, $shape->heightFt, $shape->bend]];
    }

    /** The grid coarse enough to read at once, or null where the depths are not known. */
    public function workingGrid(): ?DepthGrid
    {
        return $this->working === null ? null : $this->unpacked ??= PackedGrid::unpack($this->working);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shoreline' => 'array', 'sections' => 'array', 'tracks' => 'array', 'dropped' => 'array', 'ramp_lat' => 'float', 'ramp_lon' => 'float'];
    }
}
