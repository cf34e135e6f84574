<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists lakes (
                id bigint unsigned not null auto_increment primary key,
                user_id bigint unsigned not null,
                name varchar(80) not null,
                shoreline json null,
                sections json null,
                tracks json null,
                dropped json null,
                ramp_lat decimal(9, 6) null,
                ramp_lon decimal(9, 6) null,
                created_at timestamp null,
                updated_at timestamp null,
                -- Depth grids, packed: as it came, and coarse enough to read and draw at once.
                grid longblob null,
                working mediumblob null,
                key lakes_user_id_foreign (user_id),
                constraint lakes_user_id_foreign foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
