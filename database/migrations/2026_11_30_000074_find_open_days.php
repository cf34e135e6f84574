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
                -- One day or two of hundreds are open. The seed comes first so that the list of finished ones still goes by trips_by_day.
                add index if not exists trips_open (user_id, drill_seed, closed_at, day)
            SQL);
    }
};
