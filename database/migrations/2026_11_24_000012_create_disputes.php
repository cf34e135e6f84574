<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists disputes (
                id bigint unsigned not null auto_increment primary key,
                trip_id bigint unsigned not null,
                stint_id uuid not null,
                contact_id uuid null,
                field varchar(20) not null,
                kept varchar(80) null,
                other varchar(80) null,
                settled_at timestamp null,
                created_at timestamp null,
                updated_at timestamp null,
                constraint disputes_trip_id_foreign foreign key (trip_id) references trips (id) on delete cascade,
                constraint disputes_stint_id_foreign foreign key (stint_id) references stints (id) on delete cascade,
                constraint disputes_contact_id_foreign foreign key (contact_id) references contacts (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
