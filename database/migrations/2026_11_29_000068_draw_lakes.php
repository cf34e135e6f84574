<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table lakes
                -- Zones without wake, and what stands on the banks; the drawing on the sheet as it was left.
                add column if not exists no_wake json null,
                add column if not exists banks json null,
                add column if not exists sketch json null
            SQL);
    }
};
