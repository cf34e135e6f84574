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
                -- What the scale or the eye said (Y6), and how a fish was lost (M20).
                add column if not exists weight_lb decimal(6, 2) null,
                add column if not exists lost_by varchar(10) null
            SQL);
    }
};
