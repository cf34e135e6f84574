<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table log_events
                -- What the event changed, for taking it back.
                add column if not exists `before` json null,
                add index if not exists log_events_trip_id_undone_seq_index (trip_id, undone, seq)
            SQL);
    }
};
