<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Cache;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Feature;
use OldEddy\Where\Lake\FeatureFinder;
use OldEddy\Where\Lake\Fetch;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Lake\Shape;
use OldEddy\Where\Lake\Shoreline;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Shade\Bank;

/**
 * A lake with its shape and spots.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property list<list<array{float, float}>>|null $shoreline rings of longitude and latitude
 * @property list<array{name: string, lat: float, lon: float, ring?: list<array{float, float}>}>|null $sections arms and sections: where their names stand, and their outlines where they are drawn
 * @property list<list<array{float, float}>>|null $no_wake rings of longitude and latitude
 * @property list<array{line: list<array{float, float}>, height_ft: float, setback_ft: float}>|null $banks what stands on stretches of the shore
 * @property list<list<array{float, float}>>|null $tracks longitude, latitude
 * @property list<string>|null $dropped found features that are not wanted
 * @property float $cell_m side of a cell that was asked for, metres
 * @property ?float $deepest_ft of the working grid
 * @property ?DepthGrid $grid every cell, not loaded with the rest
 * @property ?DepthGrid $working coarse enough to read at once
 * @property ?float $ramp_lat
 * @property ?float $ramp_lon
 * @property-read User $user
 * @property-read Collection<int, LakeSpot> $spots
 */
final class Lake extends Model
{
    use AskedOnce;

    /** Cells of the working grid, about. */
    private const WORKING_CELLS = 60_000;

    /** What a page reads of a lake; the full grid and all points of its tracks are asked for where they are needed. */
    public const LIGHT = [
        'id', 'user_id', 'name', 'shoreline', 'sections', 'no_wake', 'banks', 'tracks', 'dropped', 'working', 'ramp_lat', 'ramp_lon', 'cell_m', 'deepest_ft',
        'created_at', 'updated_at',
    ];

    protected $table = 'lakes';

    protected $fillable = [
        'name', 'shoreline', 'sections', 'no_wake', 'banks', 'tracks', 'all_tracks', 'dropped', 'grid', 'working', 'ramp_lat', 'ramp_lon', 'cell_m', 'deepest_ft',
    ];

    protected $attributes = [
        'shoreline' => null, 'sections' => null, 'no_wake' => null, 'banks' => null, 'tracks' => null, 'dropped' => null, 'working' => null, 'ramp_lat' => null, 'ramp_lon' => null,
        'cell_m' => 10.0, 'deepest_ft' => null,
    ];

    protected $hidden = ['grid', 'working', 'all_tracks'];

    /** @var array{string, DepthGrid}|null the bytes of the working grid, and the grid */
    private ?array $unpacked = null;

    /** @var array{DepthGrid, Ground}|null the ground read out of a grid, and that grid */
    private ?array $ground = null;

    /** The spot of a lake that bears a name, where there is one. */
    public static function spotNamed(?int $lake, string $name): ?LakeSpot
    {
        return $lake === null ? null : LakeSpot::query()->where('lake_id', $lake)->where('out_with', 0)->where('name', $name)->first();
    }

    /** @return HasMany<LakeSpot, $this> */
    public function spots(): HasMany
    {
        $relation = $this->hasMany(LakeSpot::class);
        // Those that went out with their layer are not there.
        $relation->where('out_with', 0)->orderByRaw('name collate utf8mb4_unicode_ci');

        return $relation;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Layer, $this> */
    public function layers(): HasMany
    {
        $relation = $this->hasMany(Layer::class);
        $relation->where('state', '!=', Layer::PICTURE)->orderBy('id');

        return $relation;
    }

    /** Keeps new depths, and reads again what they say of each spot. */
    public function keepGrid(?DepthGrid $grid): void
    {
        $working = $grid?->coarser((int) ceil(sqrt($grid->cols * $grid->rows / self::WORKING_CELLS)));
        $this->update([
            'grid' => $grid, 'working' => $working,
        ]);
        // As the bytes hold it, so that a copy has the same to the last digit.
        $this->update(['deepest_ft' => $this->workingGrid()?->deepestFt()]);
        foreach ($this->spots()->get() as $spot) {
            $spot->timestamps = false;
            $spot->update($this->read($spot->lat, $spot->lon));
        }
    }

    /** The deepest place at the reference level, feet; null where no depth is known. A grid from before it was kept is looked through. */
    public function deepest(): ?float
    {
        return $this->deepest_ft ?? $this->workingGrid()?->deepestFt();
    }

    /** The depths as they were made, cell by cell. */
    public function fullGrid(): ?DepthGrid
    {
        return self::query()->whereKey($this->id)->first(['id', 'grid'])?->grid;
    }

    /** The same as it is kept, not unpacked. */
    public function packedGrid(): ?string
    {
        return self::query()->whereKey($this->id)->toBase()->value('grid');
    }

    /** @return list<list<array{float, float}>> longitude, latitude of every point of the tracks */
    public function allTracks(): array
    {
        $packed = self::query()->whereKey($this->id)->value('all_tracks');

        return $packed === null ? $this->tracks ?? [] : json_decode((string) gzinflate($packed), true, flags: JSON_THROW_ON_ERROR);
    }

    /** The marked spot nearest to a position, within so many metres; null where there is none. */
    public function nearest(float $lat, float $lon, float $withinM = 100.0): ?LakeSpot
    {
        $nearest = (new Position($lat, $lon))->nearest($this->spots->map(static fn (LakeSpot $s): Position => $s->position())->all(), $withinM);

        return $nearest === null ? null : $this->spots[$nearest];
    }

    /** @return array{fetch_ft: ?list<float>, shape: ?array{float, float, float}} what the lake's shape says of a position */
    public function read(float $lat, float $lon): array
    {
        $grid = $this->workingGrid();
        $shape = $grid === null ? null : Shape::at($this->ground($grid), $lat, $lon);

        return [
            'fetch_ft' => $grid === null ? null : Fetch::at($grid, $lat, $lon),
            'shape' => $shape === null ? null : [$shape->slopePercent, $shape->heightFt, $shape->bend],
        ];
    }

    /** The grid coarse enough to read at once, or null where the depths are not known. */
    public function workingGrid(): ?DepthGrid
    {
        $bytes = $this->attributes['working'];
        if ($bytes !== null && $bytes !== ($this->unpacked[0] ?? null)) {
            $this->unpacked = [$bytes, PackedGrid::unpack($bytes)];
        }

        return $bytes === null ? null : $this->unpacked[1] ?? null;
    }

    /** The same as the water stands so many feet over (under 0: under) its reference level; null where no depth is known. */
    public function gridAt(float $riseFt): ?DepthGrid
    {
        return $this->deepest() === null ? null : $this->workingGrid()?->atLevel($riseFt);
    }

    /** The name of the section that a position lies in: one whose outline holds it, else the one whose name stands nearest; null where none is named. */
    public function sectionOf(Position $at): ?string
    {
        $sections = $this->sections ?? [];
        foreach ($sections as $section) {
            if (isset($section['ring']) && Shoreline::holds($section['ring'], [$at->lon, $at->lat])) {
                return $section['name'];
            }
        }
        // What is outlined ends at its outline.
        $sections = array_values(array_filter($sections, static fn (array $s): bool => ! isset($s['ring'])));
        $nearest = $at->nearest(array_map(static fn (array $s): Position => new Position($s['lat'], $s['lon']), $sections), INF);

        return $nearest === null ? null : $sections[$nearest]['name'];
    }

    /** One of its spots as a place, with the section it lies in. */
    public function placeOf(LakeSpot $spot): Place
    {
        return $spot->place($this->sectionOf($spot->position()));
    }

    /** @return list<Bank> what stands on its shore, as far as somebody said it */
    public function banksTold(): array
    {
        return array_map(static fn (array $b): Bank => new Bank($b['line'], $b['height_ft'], $b['setback_ft']), $this->banks ?? []);
    }

    /** Whether the depths of its water are known. */
    public function hasDepths(): bool
    {
        return $this->attributes['working'] !== null;
    }

    /** What the shape of its bottom is known by: another one for every change of its depths. */
    public function shapeKey(): string
    {
        return ! $this->hasDepths() ? "none-{$this->id}" : hash('xxh128', $this->attributes['working']);
    }

    /** The same, short enough for an address. */
    public function depthsKey(): string
    {
        return substr(hash('xxh128', $this->shapeKey()), 0, 16);
    }

    /** Whether all that is known of its depths was drawn on the sheet. */
    public function isDrawn(): bool
    {
        $laid = $this->layers()->where('state', Layer::LAID)->get(['id', 'understood', 'found']);
        if ($laid->isEmpty()) {
            // A copy of the demo has no files.
            return self::query()->whereKey($this->id)->whereNotNull('sketch')->exists();
        }
        $deep = $laid->filter(static fn (Layer $l): bool => ($l->found['depths'] ?? null) !== null);

        return $deep->isNotEmpty() && $deep->every(static fn (Layer $l): bool => (bool) ($l->understood['sketch'] ?? false));
    }

    /**
     * The features of its bottom; found once for a shape. A few depths on a sheet make humps and holes that no lake has: none are read
     * out of them.
     *
     * @return list<Feature>
     */
    public function features(): array
    {
        $grid = $this->workingGrid();
        if ($grid !== null && $this->isDrawn()) {
            return [];
        }

        return $grid === null ? [] : Cache::remember(
            sprintf('features:%d:%s', FeatureFinder::EDITION, $this->shapeKey()),
            now()->addMonth(),
            static fn (): array => FeatureFinder::find($grid),
        );
    }

    private function ground(DepthGrid $grid): Ground
    {
        if ($this->ground === null || $this->ground[0] !== $grid) {
            $this->ground = [$grid, Ground::of($grid)];
        }

        return $this->ground[1];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'shoreline' => 'array', 'sections' => 'array', 'no_wake' => 'array', 'banks' => 'array', 'tracks' => 'array', 'dropped' => 'array', 'ramp_lat' => 'float', 'ramp_lon' => 'float',
            'grid' => PackedGrid::class, 'working' => PackedGrid::class, 'cell_m' => 'float', 'deepest_ft' => 'float',
        ];
    }
}
