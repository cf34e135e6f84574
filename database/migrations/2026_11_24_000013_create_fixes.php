<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists fixes (
                id bigint unsigned not null auto_increment primary key,
                trip_id bigint unsigned not null,
                at datetime not null,
                lat decimal(9, 6) null,
                lon decimal(9, 6) null,
                depth_ft decimal(6, 1) null,
                speed_mph decimal(5, 1) null,
                unique key fixes_trip_id_at_unique (trip_id, at),
                constraint fixes_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
