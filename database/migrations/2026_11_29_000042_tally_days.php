<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists tallies (
                -- Things of a day that come off or not: struck fish landed by lure and by hook, a first fish followed by a second.
                trip_id bigint unsigned not null,
                what varchar(20) not null,
                level varchar(60) not null,
                tried int unsigned not null,
                came_off int unsigned not null,
                primary key (trip_id, what, level),
                constraint tallies_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB
            SQL);
    }
};
