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
                -- When each rod was tied last, by its key (K2).
                add column if not exists knots json null
            SQL);
    }
};
