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
                -- What an angler's own names of lures stand for here, by name as tables of others write them.
                add column if not exists lure_names json null after limits
            SQL);
    }
};
