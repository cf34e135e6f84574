<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use PDO;

/** Another way to the same database: for what is told past a transaction, and for locks that are no part of one. */
final class Beside
{
    /** A database that does not answer is not waited for longer, seconds. */
    private const CONNECT_S = 2;

    public static function way(): Connection
    {
        $way = config('database.connections.'.DB::getDefaultConnection());
        // One that is kept would be the same as the other.
        config(['database.connections.beside' => ['options' => [PDO::ATTR_PERSISTENT => false, PDO::ATTR_TIMEOUT => self::CONNECT_S] + $way['options']] + $way]);

        return DB::connection('beside');
    }
}
