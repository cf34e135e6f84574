<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * One spot, one presentation.
 *
 * @property string $id
 * @property int $trip_id
 * @property Carbon $started_at local time of the water
 * @property string $spot
 * @property string $lure
 * @property string $color
 * @property float $depth_ft of the lure
 * @property ?float $water_depth_ft
 * @property ?float $weight_oz
 * @property ?float $length_in
 * @property ?string $cast_kind
 * @property string $retrieve
 * @property ?string $structure
 * @property ?string $cover
 * @property ?string $cover_part
 * @property ?string $light
 * @property ?string $angler
 * @property ?int $spot_id
 * @property int $cast_count
 * @property-read Collection<int, Contact> $contacts
 */
final class Stint extends Model
{
    use CastsOnce;
    use HasUuids;
    use SoftDeletes;

    protected $fillable = [
        'id', 'trip_id', 'started_at', 'spot', 'lure', 'color', 'depth_ft', 'retrieve', 'structure', 'cover', 'cover_part', 'light', 'angler',
        'cast_count', 'water_depth_ft', 'weight_oz', 'length_in', 'cast_kind',
    ];

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        $relation = $this->hasMany(Contact::class);
        $relation->orderBy('at')->orderBy('at_cast');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['started_at' => 'datetime', 'depth_ft' => 'float', 'water_depth_ft' => 'float', 'weight_oz' => 'float', 'length_in' => 'float', 'cast_count' => 'integer'];
    }
}
