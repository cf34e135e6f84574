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
                -- What the angler's own days on the same water say of this one (W22), in the keys of the conditions.
                add column if not exists derived json null
            SQL);
    }
};
