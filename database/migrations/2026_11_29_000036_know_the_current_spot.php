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
                -- The one current spot of the day, by its name: picked on Where, on the deck or by position.
                add column if not exists here varchar(80) null
            SQL);
    }
};
