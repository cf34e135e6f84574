<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody aboard for a day, on his own phone (G2).
 *
 * @property int $id
 * @property int $trip_id
 * @property int $user_id
 * @property string $name how the log calls him
 * @property User $user
 * @property Trip $trip
 */
final class Guest extends Model
{
    use AskedOnce;

    protected $table = 'guests';

    protected $fillable = ['trip_id', 'user_id', 'name'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Trip, $this> */
    public function trip(): BelongsTo
    {
        return $this->belongsTo(Trip::class);
    }
}
