<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/** Another way to the same database: for what is told past a transaction, and for locks that are no part of one. */
final class Beside
{
    public static function way(): Connection
    {
        config(['database.connections.beside' => config('database.connections.'.DB::getDefaultConnection())]);

        return DB::connection('beside');
    }
}
