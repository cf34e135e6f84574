<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table stints
                add column if not exists angler varchar(40) null,
                -- Two stints can begin within one second: the log's own order tells them apart.
                add column if not exists seq bigint unsigned not null default 0,
                add column if not exists cover_part varchar(10) null,
                add column if not exists deleted_at timestamp null,
                -- One's own past is summed out of the index alone.
                add index if not exists stints_trip_id_deleted_at_cast_count_index (trip_id, deleted_at, cast_count)
            SQL);
    }
};
