<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What one fish did.
 *
 * @property string $id
 * @property int $trip_id
 * @property string $stint_id
 * @property Carbon $at
 * @property string $kind
 * @property int $at_cast
 * @property ?string $species
 * @property ?float $length_in
 * @property ?string $hooked
 */
final class Contact extends Model
{
    use HasUuids;

    protected $fillable = ['id', 'trip_id', 'stint_id', 'at', 'kind', 'at_cast', 'species', 'length_in', 'hooked'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'length_in' => 'float', 'at_cast' => 'integer'];
    }
}
