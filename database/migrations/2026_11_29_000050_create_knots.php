<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists knots (
                id bigint unsigned not null auto_increment primary key,
                trip_id bigint unsigned not null,
                lure varchar(60) not null,
                color varchar(40) not null,
                at datetime not null,
                key knots_by_rod (trip_id, lure, color, at),
                constraint knots_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
