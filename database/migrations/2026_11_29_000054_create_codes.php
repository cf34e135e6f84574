<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists codes (
                -- One-time codes for a forgotten password, kept as their hash; one an account.
                user_id bigint unsigned not null primary key,
                hash varchar(255) not null,
                tries int unsigned not null default 0,
                until timestamp not null,
                constraint codes_user foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
