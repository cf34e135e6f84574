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
                -- The lines that are towed, as eddy:spread takes them; null while none were put down.
                add column if not exists spread json null
            SQL);
    }
};
