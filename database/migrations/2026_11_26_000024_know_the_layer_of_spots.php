<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table spots
                -- Two names are one only when they are the same to the letter.
                modify column name varchar(80) character set utf8mb4 collate utf8mb4_bin not null,
                add column if not exists layer_id bigint unsigned null,
                -- The layer a spot was taken out with, 0 for those that are in: a name is free again when its spot is out.
                add column if not exists out_with bigint unsigned not null default 0,
                add constraint spots_layer_id_foreign foreign key if not exists (layer_id) references layers (id) on delete set null,
                drop index if exists spots_lake_id_name_unique,
                add unique index if not exists spots_lake_id_name_out_with_unique (lake_id, name, out_with)
            SQL);
    }
};
