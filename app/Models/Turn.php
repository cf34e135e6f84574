<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use OldEddy\Log\Evidence\TurnKind;

/**
 * A moment at which the day changed.
 *
 * @property string $id
 * @property Carbon $at local time of the water
 * @property TurnKind $kind
 */
final class Turn extends Model
{
    use AskedOnce;
    use HasUuids;
    use SoftDeletes;

    protected $table = 'turns';

    protected $fillable = ['id', 'trip_id', 'at', 'kind'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'kind' => TurnKind::class];
    }
}
