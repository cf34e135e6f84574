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
                add column if not exists lake_id bigint unsigned null,
                add column if not exists route json null,
                add index if not exists trips_lake_id_foreign (lake_id),
                add constraint trips_lake_id_foreign foreign key if not exists (lake_id) references lakes (id) on delete set null
            SQL);
    }
};
