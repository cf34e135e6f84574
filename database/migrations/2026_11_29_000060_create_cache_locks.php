<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists cache_locks (
                `key` varchar(255) primary key,
                owner varchar(255) not null,
                expiration int not null
            )
            SQL);
    }
};
