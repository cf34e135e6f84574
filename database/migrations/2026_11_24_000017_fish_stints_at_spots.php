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
                add column if not exists spot_id bigint unsigned null,
                add index if not exists stints_spot_id_foreign (spot_id),
                add constraint stints_spot_id_foreign foreign key if not exists (spot_id) references spots (id) on delete set null
            SQL);
    }
};
