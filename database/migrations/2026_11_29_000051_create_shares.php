<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists shares (
                id bigint unsigned not null auto_increment primary key,
                trip_id bigint unsigned not null,
                token char(40) not null,
                -- What the reader sees of spots: named, by section, or hidden; and positions only where they are allowed.
                spots varchar(10) not null default 'hidden',
                positions tinyint(1) not null default 0,
                created_at timestamp null,
                updated_at timestamp null,
                unique key shares_token (token),
                unique key shares_of_trip (trip_id),
                constraint shares_trip foreign key (trip_id) references trips (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
