<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table spots
                -- The line of the cast that was drawn or gave a fish.
                add column if not exists cast_line json null
            SQL);
    }
};
