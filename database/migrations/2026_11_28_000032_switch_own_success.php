<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table users
                -- Whether one's own success moves the lineup (M24).
                add column if not exists own_success tinyint(1) not null default 1
            SQL);
    }
};
