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
                -- The angler's own limits (Y7): number of the bag and shortest lengths; and what the box holds, for every page (K4).
                add column if not exists limits json null,
                add column if not exists box json null
            SQL);
    }
};
