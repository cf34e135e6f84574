<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists users (
                id bigint unsigned not null auto_increment primary key,
                name varchar(60) not null,
                email varchar(190) not null,
                password varchar(255) not null,
                units varchar(8) not null default 'us',
                schools json null,
                remember_token varchar(100) null,
                created_at timestamp null,
                updated_at timestamp null,
                unique key users_email_unique (email)
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
