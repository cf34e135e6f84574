<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Beside;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * One at a time works on the layers of an account. The lock belongs to the database connection: who dies lets go of it, and
 * it holds across workers and machines.
 */
final class LayersAtWork
{
    public static function isFree(int $userId): bool
    {
        return (int) Beside::way()->selectOne('select is_free_lock(?) as free', [self::name($userId)])->free === 1;
    }

    /**
     * @param  Closure(): void  $work
     * @param  int  $patience  seconds to wait for the turn
     * @return bool whether it was done
     */
    public static function alone(int $userId, Closure $work, int $patience = 0): bool
    {
        $name = self::name($userId);
        $got = Beside::way()->selectOne('select get_lock(?, ?) as got', [$name, $patience]);
        if ((int) $got->got !== 1) {
            return false;
        }
        try {
            $work();
        } finally {
            Beside::way()->selectOne('select release_lock(?) as freed', [$name]);
        }

        return true;
    }

    private static function name(int $userId): string
    {
        // Locks are the database server's, which may serve several houses.
        return substr(DB::connection()->getDatabaseName(), 0, 30)."-layers-{$userId}";
    }
}
