<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists level_sums (
                -- What a day's log adds up to at each level of each factor, so that seasons need no casts read again. "Within" tells
                -- casts by their number apart by structure.
                trip_id bigint unsigned not null,
                factor varchar(20) not null,
                within varchar(40) not null default '',
                level varchar(60) not null,
                casts int unsigned not null,
                contacts int unsigned not null,
                contacts_weighed decimal(9, 2) not null,
                primary key (trip_id, factor, within, level),
                key level_sums_by_level (factor, level, trip_id),
                constraint level_sums_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB
            SQL);
    }
};
