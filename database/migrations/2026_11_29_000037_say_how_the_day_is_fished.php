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
                -- What the day is fished for (M23), and whether it is practice (M18).
                add column if not exists goal varchar(20) not null default 'numbers',
                add column if not exists practice tinyint(1) not null default 0
            SQL);
    }
};
