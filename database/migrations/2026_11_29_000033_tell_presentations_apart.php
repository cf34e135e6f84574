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
                -- The depth of the water, beside that of the lure (D12); weight and length of the lure (R22).
                add column if not exists water_depth_ft decimal(6, 1) null,
                add column if not exists weight_oz decimal(7, 4) null,
                add column if not exists length_in decimal(5, 2) null
            SQL);
    }
};
