<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists stints (
                id uuid not null primary key,
                trip_id bigint unsigned not null,
                started_at datetime not null,
                spot varchar(80) not null,
                lure varchar(40) not null,
                color varchar(40) not null,
                depth_ft decimal(6, 1) not null,
                retrieve varchar(40) not null,
                structure varchar(40) null,
                cover varchar(40) null,
                light varchar(10) null,
                cast_count int unsigned not null default 0,
                created_at timestamp null,
                updated_at timestamp null,
                key stints_trip_id_started_at_index (trip_id, started_at),
                constraint stints_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
