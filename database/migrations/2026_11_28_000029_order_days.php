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
                -- The date as it was typed, so that hundreds of days can be listed a page at a time.
                add column if not exists day varchar(10) as (json_value(conditions, '$.date')) stored,
                add index if not exists trips_by_day (user_id, day, id)
            SQL);
    }
};
