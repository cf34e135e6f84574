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
                add column if not exists species varchar(30) as (json_value(conditions, '$.species')) stored,
                -- The water as it was read, so that days can be found and held against each other without reading them again.
                add column if not exists temp_f decimal(5, 1) null,
                add column if not exists temp_said tinyint(1) not null default 0,
                add column if not exists wind_mph decimal(5, 1) null,
                add column if not exists sky varchar(10) null,
                add column if not exists front varchar(12) null,
                add column if not exists shift varchar(15) null,
                add column if not exists low_light tinyint(1) null,
                add column if not exists waterbody varchar(12) null,
                -- What the log adds up to; null while it has to be added up anew.
                add column if not exists summed_at timestamp null,
                add column if not exists contacts_made int unsigned not null default 0,
                add column if not exists caught int unsigned not null default 0,
                add column if not exists best_in decimal(5, 2) null,
                add column if not exists best_lb decimal(6, 2) null,
                add column if not exists fished_from time null,
                add column if not exists fished_to time null,
                -- The verdict and what the day left, in the words of the core; null until it is asked for.
                add column if not exists leaves json null,
                add column if not exists notes text null,
                add column if not exists beat_lb decimal(6, 2) null,
                add index if not exists trips_to_sum (user_id, summed_at)
            SQL);
    }
};
