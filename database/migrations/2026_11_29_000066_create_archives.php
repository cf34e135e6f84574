<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists archives (
                id bigint unsigned not null auto_increment primary key,
                user_id bigint unsigned not null,
                way char(3) not null,
                state varchar(10) not null,
                done bigint unsigned not null default 0,
                total bigint unsigned not null default 0,
                bytes bigint unsigned not null default 0,
                said varchar(400) null,
                created_at timestamp null,
                updated_at timestamp null,
                index archives_by_time (created_at),
                constraint archives_user foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
