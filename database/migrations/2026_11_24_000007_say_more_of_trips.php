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
                -- Kept beside the conditions so that one's own past can be asked for by stage and clarity.
                add column if not exists stage varchar(20) null,
                add column if not exists clarity varchar(10) null,
                add column if not exists measured json null,
                add column if not exists boat json null,
                add column if not exists drill_seed bigint unsigned null,
                add index if not exists trips_user_id_stage_clarity_index (user_id, stage, clarity)
            SQL);
    }
};
