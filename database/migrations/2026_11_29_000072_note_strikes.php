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
                -- Of a strike on a towed line: the boat's speed and heading, and whether it was turning.
                add column if not exists troll_mph double null,
                add column if not exists heading_deg double null,
                add column if not exists in_turn varchar(10) null
            SQL);
    }
};
