<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table contacts
                add column if not exists girth_in decimal(5, 2) null,
                -- By the scale or by eye (Y6), and whether the fish was kept knowingly (Y7).
                add column if not exists weighed_by varchar(5) null,
                add column if not exists kept varchar(3) null
            SQL);
    }
};
