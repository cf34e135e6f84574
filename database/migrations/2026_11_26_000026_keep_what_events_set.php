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
                -- What the event set: only that is taken back, what others said since stays.
                add column if not exists `after` json null
            SQL);
    }
};
