<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            alter table rack_slots
                -- Several rods may carry one family, each in a color of its own (R22).
                add column if not exists weight_oz decimal(7, 4) null,
                add column if not exists length_in decimal(5, 2) null,
                add unique key if not exists rack_slots_trip_id_lure_color_unique (trip_id, lure, color),
                drop key if exists rack_slots_trip_id_lure_unique
            SQL);
    }
};
