<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists spot_sums (
                -- What a day's log adds up to at each of its spots, so that a spot's own record needs no casts read again.
                trip_id bigint unsigned not null,
                spot varchar(80) not null,
                spot_id bigint unsigned null,
                casts int unsigned not null,
                contacts_weighed decimal(9, 2) not null,
                primary key (trip_id, spot),
                constraint spot_sums_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB
            SQL);
    }
};
