<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table contacts
                add column if not exists forage varchar(20) null,
                add column if not exists depth_ft decimal(6, 1) null,
                add column if not exists cover varchar(40) null,
                add column if not exists cover_part varchar(10) null,
                add column if not exists light varchar(10) null,
                add column if not exists lat decimal(9, 6) null,
                add column if not exists lon decimal(9, 6) null,
                add column if not exists deleted_at timestamp null,
                add index if not exists contacts_trip_id_deleted_at_kind_index (trip_id, deleted_at, kind)
            SQL);
    }
};
