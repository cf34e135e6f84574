<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Where the boat was and what lay under it, by its instruments.
 *
 * @property Carbon $at local time of the water
 * @property ?float $lat
 * @property ?float $lon
 * @property ?float $depth_ft
 * @property ?float $speed_mph
 */
final class Fix extends Model
{
    use AskedOnce;

    public $timestamps = false;

    protected $table = 'fixes';

    protected $fillable = ['trip_id', 'at', 'lat', 'lon', 'depth_ft', 'speed_mph'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'lat' => 'float', 'lon' => 'float', 'depth_ft' => 'float', 'speed_mph' => 'float'];
    }
}
