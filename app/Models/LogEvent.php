<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing the angler logged, under the id its device gave it.
 *
 * @property int $seq
 * @property string $id
 * @property int $trip_id
 * @property ?string $stint_id
 * @property string $kind
 * @property int $count
 * @property ?string $contact_id
 * @property Carbon $at local time of the water
 * @property bool $undone
 * @property ?array<string, mixed> $before what it changed, as it was
 * @property ?array<string, mixed> $after as it set it
 */
final class LogEvent extends Model
{
    use AskedOnce;

    public const UPDATED_AT = null;

    protected $primaryKey = 'seq';

    protected $table = 'log_events';

    protected $fillable = ['id', 'trip_id', 'stint_id', 'kind', 'count', 'contact_id', 'at', 'undone', 'before', 'after'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['undone' => 'boolean', 'count' => 'integer', 'before' => 'array', 'after' => 'array', 'at' => 'datetime'];
    }
}
