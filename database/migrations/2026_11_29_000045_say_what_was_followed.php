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
                -- Whether it began by a next move that was offered; null where none was.
                add column if not exists followed tinyint(1) null
            SQL);
    }
};
