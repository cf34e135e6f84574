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
                -- Sums of the day's own log, so that seasons can be added up without reading every cast again.
                add column if not exists casts_made int unsigned not null default 0,
                add column if not exists contacts_weighed decimal(9, 2) not null default 0
            SQL);
    }
};
