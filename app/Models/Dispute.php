<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A field of which two devices said different things.
 *
 * @property int $id
 * @property string $stint_id
 * @property ?string $contact_id
 * @property string $field
 * @property ?string $kept
 * @property ?string $other
 * @property ?Carbon $settled_at
 */
final class Dispute extends Model
{
    use AskedOnce;

    protected $table = 'disputes';

    protected $fillable = ['trip_id', 'stint_id', 'contact_id', 'field', 'kept', 'other', 'settled_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['settled_at' => 'datetime'];
    }
}
