<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists devices (
                id bigint unsigned not null auto_increment primary key,
                user_id bigint unsigned not null,
                -- What the device shows is kept as its hash alone.
                token char(64) not null,
                name varchar(60) not null,
                seen_on date not null,
                created_at timestamp null,
                updated_at timestamp null,
                unique key devices_token (token),
                constraint devices_user foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
