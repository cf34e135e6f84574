<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists log_events (
                seq bigint unsigned not null auto_increment primary key,
                -- Made on the device: an event that comes twice is taken once.
                id uuid not null,
                trip_id bigint unsigned not null,
                stint_id uuid null,
                kind varchar(20) not null,
                count int unsigned not null default 0,
                contact_id uuid null,
                at datetime not null,
                undone tinyint(1) not null default 0,
                created_at timestamp null,
                unique key log_events_id_unique (id),
                constraint log_events_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
