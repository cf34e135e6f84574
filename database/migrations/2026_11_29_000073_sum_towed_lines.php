<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table trips
                -- Minutes of all towed lines together, and the contacts on them, which are none of a cast.
                add column if not exists towed_min double not null default 0,
                add column if not exists towed_contacts int unsigned not null default 0
            SQL);
    }
};
