<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        // Where several application servers share them (docs/operating.md); one alone keeps them in files.
        DB::statement(<<<'SQL'
            create table if not exists sessions (
                id varchar(255) primary key,
                user_id bigint unsigned null,
                ip_address varchar(45) null,
                user_agent text null,
                payload longtext not null,
                last_activity int not null,
                index sessions_by_time (last_activity)
            )
            SQL);
    }
};
