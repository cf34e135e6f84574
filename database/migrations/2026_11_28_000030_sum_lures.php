<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists lure_sums (
                -- What a day's log adds up to on each lure, so that one's own success needs no casts read again.
                trip_id bigint unsigned not null,
                lure varchar(60) not null,
                casts int unsigned not null,
                contacts_weighed decimal(9, 2) not null,
                primary key (trip_id, lure),
                constraint lure_sums_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB
            SQL);
    }
};
