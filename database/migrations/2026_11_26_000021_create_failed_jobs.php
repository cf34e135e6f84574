<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists failed_jobs (
                id bigint unsigned not null auto_increment primary key,
                uuid varchar(190) not null,
                connection text not null,
                queue text not null,
                payload longtext not null,
                exception longtext not null,
                failed_at timestamp not null default current_timestamp,
                unique key failed_jobs_uuid_unique (uuid)
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
