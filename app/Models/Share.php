<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A day's report given to whoever has its link, until it is taken back (Y8).
 *
 * @property int $id
 * @property int $trip_id
 * @property string $token
 * @property string $spots what the reader sees of them: named, section or hidden
 * @property bool $positions
 */
final class Share extends Model
{
    use AskedOnce;

    public const SPOTS = ['named', 'section', 'hidden'];

    protected $table = 'shares';

    protected $fillable = ['trip_id', 'token', 'spots', 'positions'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['positions' => 'boolean'];
    }
}
