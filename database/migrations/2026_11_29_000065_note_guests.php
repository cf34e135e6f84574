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
                -- Came aboard for a day without an account: nobody can sign in to it again, until it becomes one.
                add column if not exists guest boolean not null default 0,
                -- When he came aboard somebody's day last; most never do, and need not be looked for.
                add column if not exists aboard_at timestamp null
            SQL);
    }
};
