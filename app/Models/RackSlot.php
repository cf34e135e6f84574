<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One rigged rod of a day.
 *
 * @property int $trip_id
 * @property string $lure
 * @property string $color
 * @property float $depth_ft
 * @property string $retrieve
 */
final class RackSlot extends Model
{
    protected $fillable = ['trip_id', 'lure', 'color', 'depth_ft', 'retrieve'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['depth_ft' => 'float'];
    }
}
