<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists guests (
                id bigint unsigned not null auto_increment primary key,
                trip_id bigint unsigned not null,
                user_id bigint unsigned not null,
                -- How the log calls him; nobody else aboard is called so.
                name varchar(40) not null,
                created_at timestamp null,
                updated_at timestamp null,
                unique key guests_once (trip_id, user_id),
                unique key guests_name (trip_id, name),
                constraint guests_trip foreign key (trip_id) references trips (id) on delete cascade,
                constraint guests_user foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
