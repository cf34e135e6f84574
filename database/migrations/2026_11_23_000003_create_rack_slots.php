<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists rack_slots (
                id bigint unsigned not null auto_increment primary key,
                trip_id bigint unsigned not null,
                lure varchar(40) not null,
                color varchar(40) not null,
                depth_ft decimal(6, 1) not null,
                retrieve varchar(40) not null,
                created_at timestamp null,
                updated_at timestamp null,
                unique key rack_slots_trip_id_lure_unique (trip_id, lure),
                constraint rack_slots_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
