<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists spots (
                id bigint unsigned not null auto_increment primary key,
                lake_id bigint unsigned not null,
                name varchar(80) not null,
                lat decimal(9, 6) not null,
                lon decimal(9, 6) not null,
                structure varchar(40) null,
                cover json not null,
                bottom varchar(20) null,
                shallow_ft decimal(6, 1) null,
                deep_ft decimal(6, 1) null,
                depth_nearby_ft decimal(6, 1) null,
                bank_faces_deg decimal(6, 1) null,
                object_height_ft decimal(6, 1) null,
                setback_ft decimal(6, 1) null,
                fetch_ft json null,
                shape json null,
                dock json null,
                origin varchar(10) not null default 'typed',
                created_at timestamp null,
                updated_at timestamp null,
                unique key spots_lake_id_name_unique (lake_id, name),
                constraint spots_lake_id_foreign foreign key (lake_id) references lakes (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
