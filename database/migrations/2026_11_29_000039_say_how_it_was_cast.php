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
                -- How the lure was cast: flipped, pitched, skipped, along or long (R18, R22).
                add column if not exists cast_kind varchar(10) null
            SQL);
    }
};
