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
                -- When a visitor's copy of the demo is thrown away; null for accounts that stay.
                add column if not exists ends_at timestamp null,
                add index if not exists users_that_end (ends_at)
            SQL);
    }
};
