<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table stints
                -- A line that is towed: its key in the spread, where it runs, what carries it, how far out and how fast; when it came in.
                add column if not exists line varchar(40) null,
                add column if not exists side varchar(20) null,
                add column if not exists station varchar(20) null,
                add column if not exists carrier varchar(20) null,
                add column if not exists let_out_ft double null,
                add column if not exists troll_mph double null,
                add column if not exists lifted_at datetime null
            SQL);
    }
};
