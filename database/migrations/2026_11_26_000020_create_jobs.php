<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists jobs (
                id bigint unsigned not null auto_increment primary key,
                queue varchar(190) not null,
                payload longtext not null,
                attempts tinyint unsigned not null,
                reserved_at int unsigned null,
                available_at int unsigned not null,
                created_at int unsigned not null,
                key jobs_queue_index (queue)
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
