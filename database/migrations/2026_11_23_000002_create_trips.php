<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists trips (
                id bigint unsigned not null auto_increment primary key,
                user_id bigint unsigned not null,
                name varchar(80) not null,
                -- The state of the day as the contract of the plan spells it.
                conditions json not null,
                ask uuid null,
                closed_at timestamp null,
                created_at timestamp null,
                updated_at timestamp null,
                unique key trips_user_id_ask_unique (user_id, ask),
                constraint trips_user_id_foreign foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
