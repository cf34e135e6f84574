<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists turns (
                id uuid not null primary key,
                trip_id bigint unsigned not null,
                at datetime not null,
                kind varchar(10) not null,
                deleted_at timestamp null,
                created_at timestamp null,
                updated_at timestamp null,
                key turns_trip_id_foreign (trip_id),
                constraint turns_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
