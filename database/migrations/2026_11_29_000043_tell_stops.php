<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists stops (
                -- Visits to a spot: when the first contact came and after how many blank casts it was left.
                trip_id bigint unsigned not null,
                n int unsigned not null,
                spot varchar(80) not null,
                structure varchar(40) null,
                casts int unsigned not null,
                contacts int unsigned not null,
                first_cast int unsigned null,
                blank_casts int unsigned not null,
                minutes int unsigned null,
                primary key (trip_id, n),
                constraint stops_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB
            SQL);
    }
};
