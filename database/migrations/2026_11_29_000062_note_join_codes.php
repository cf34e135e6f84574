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
                -- By which guests come aboard, and until when (G2); it is shown on the owner's screen, so it is kept as it is.
                add column if not exists join_code char(8) null,
                add column if not exists join_until datetime null,
                add unique index if not exists trips_join_code (join_code)
            SQL);
    }
};
