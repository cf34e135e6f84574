<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists contacts (
                id uuid not null primary key,
                trip_id bigint unsigned not null,
                stint_id uuid not null,
                at datetime not null,
                kind varchar(10) not null,
                at_cast int unsigned not null,
                species varchar(40) null,
                length_in decimal(5, 2) null,
                hooked varchar(10) null,
                created_at timestamp null,
                updated_at timestamp null,
                key contacts_stint_id_foreign (stint_id),
                constraint contacts_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade,
                constraint contacts_stint_id_foreign foreign key (stint_id) references stints (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
