<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table lakes
                add column if not exists cell_m double not null default 10,
                add column if not exists deepest_ft double null,
                -- All points of the tracks, deflated; the drawn ones stand in tracks.
                add column if not exists all_tracks longblob null
            SQL);
    }
};
