<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table trips
                -- What the day's fish were seen eating: every page reads the day with it (C5).
                add column if not exists forage_seen json null
            SQL);
    }
};
