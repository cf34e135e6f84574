<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A day's report given to whoever has its link, until it is taken back (Y8).
 *
 * @property int $id
 * @property int $trip_id
 * @property string $token
 * @property string $spots what the reader sees of them: named, section or hidden
 * @property bool $positions
 * @property Trip $trip
 */
final class Share extends Model
{
    use CastsOnce;

    public const SPOTS = ['named', 'section', 'hidden'];

    protected $fillable = ['trip_id', 'token', 'spots', 'positions'];

    /** @return BelongsTo<Trip, $this> */
    public function trip(): BelongsTo
    {
        return $this->belongsTo(Trip::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['positions' => 'boolean'];
    }
}
