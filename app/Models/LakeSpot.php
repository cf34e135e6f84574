<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Cast\CastLine;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\Extra;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Lake\Shape;
use OldEddy\Where\Places\Place;

/**
 * A marked spot of a lake; depths in feet at the lake's reference level.
 *
 * @property int $id
 * @property int $lake_id
 * @property string $name
 * @property float $lat
 * @property float $lon
 * @property ?string $structure
 * @property list<string> $cover
 * @property ?string $bottom
 * @property ?float $shallow_ft
 * @property ?float $deep_ft
 * @property ?float $depth_nearby_ft
 * @property ?float $bank_faces_deg
 * @property ?float $object_height_ft
 * @property ?float $setback_ft
 * @property ?float $flows_to_deg where the current goes, compass degrees
 * @property ?list<float> $fetch_ft
 * @property ?array{float, float, float} $shape
 * @property ?array{kind: string, inside_ft: float, outside_ft: float, walkway_ft: float, extras: list<string>} $dock
 * @property ?array{lat: float, lon: float, bearing_deg: float, length_ft: float, from: string, at: ?string} $cast_line the boat's place and the cast that was drawn or gave a fish (S25)
 * @property string $origin
 * @property ?int $layer_id the file it came with
 * @property int $out_with the layer it was taken out with, or 0
 */
final class LakeSpot extends Model
{
    use AskedOnce;

    /** What can be said of a spot beside its name. */
    public const FIELDS = [
        'lat', 'lon', 'structure', 'cover', 'bottom', 'shallow_ft', 'deep_ft', 'depth_nearby_ft', 'bank_faces_deg', 'object_height_ft', 'setback_ft',
        'flows_to_deg',
    ];

    protected $table = 'spots';

    protected $fillable = ['lake_id', 'name', ...self::FIELDS, 'fetch_ft', 'shape', 'dock', 'cast_line', 'origin', 'layer_id', 'out_with'];

    protected $attributes = [
        'out_with' => 0, 'layer_id' => null, 'cover' => '[]', 'origin' => 'typed', 'structure' => null, 'bottom' => null, 'shallow_ft' => null,
        'deep_ft' => null, 'depth_nearby_ft' => null, 'bank_faces_deg' => null, 'object_height_ft' => null, 'setback_ft' => null,
        'flows_to_deg' => null, 'fetch_ft' => null, 'shape' => null, 'dock' => null, 'cast_line' => null,
    ];

    /** @return Builder<self> those that no stint of any day was fished at */
    public static function neverFished(): Builder
    {
        $spots = self::query();
        $spots->whereNotExists(static fn ($q) => $q->from('stints')->whereColumn('stints.spot_id', 'spots.id'));

        return $spots;
    }

    /** @return BelongsTo<Lake, $this> */
    public function lake(): BelongsTo
    {
        return $this->belongsTo(Lake::class);
    }

    /** @param  ?string  $section  the part of the lake it lies in, where that matters */
    public function place(?string $section = null): Place
    {
        return new Place(
            $this->name, $this->lat, $this->lon,
            $this->structure === null ? null : Structure::from($this->structure),
            array_map(Cover::from(...), $this->cover),
            $this->bottom === null ? null : Bottom::from($this->bottom),
            $this->shallow_ft, $this->deep_ft, $this->depth_nearby_ft, $this->bank_faces_deg, $this->object_height_ft, $this->setback_ft, $this->fetch_ft,
            $this->shape === null ? null : new Shape(...$this->shape), $section, $this->dockPlan(0.0),
        );
    }

    /** The dock as it stands today, with the water so many feet above (plus) or below the lake's reference level. */
    public function dockPlan(float $riseFt): ?DockPlan
    {
        return $this->dock === null ? null
            : (new DockPlan(
                $this->name,
                DockKind::from($this->dock['kind']),
                $this->dock['inside_ft'],
                $this->dock['outside_ft'],
                $this->dock['walkway_ft'],
                array_map(Extra::from(...), $this->dock['extras']),
                $this->bank_faces_deg,
            ))->atLevel($riseFt);
    }

    /** The line of the cast that is kept of it; null where none is. */
    public function castLine(): ?CastLine
    {
        $kept = $this->cast_line;

        return $kept === null ? null : new CastLine(new Position($kept['lat'], $kept['lon']), $kept['bearing_deg'], $kept['length_ft']);
    }

    public function position(): Position
    {
        return new Position($this->lat, $this->lon);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        $numbers = array_fill_keys(
            ['lat', 'lon', 'shallow_ft', 'deep_ft', 'depth_nearby_ft', 'bank_faces_deg', 'object_height_ft', 'setback_ft', 'flows_to_deg'],
            'float',
        );

        return $numbers + ['cover' => 'array', 'fetch_ft' => 'array', 'shape' => 'array', 'dock' => 'array', 'cast_line' => 'array'];
    }
}
