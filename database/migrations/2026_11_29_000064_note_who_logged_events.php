<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table log_events
                add column if not exists user_id bigint unsigned null,
                add constraint foreign key if not exists log_events_user (user_id) references users (id) on delete set null
            SQL);
    }
};
