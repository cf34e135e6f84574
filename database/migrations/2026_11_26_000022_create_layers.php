<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists layers (
                id bigint unsigned not null auto_increment primary key,
                lake_id bigint unsigned not null,
                name varchar(120) not null,
                -- waiting, asks, laid, out, refused
                state varchar(10) not null default 'waiting',
                -- How the file is understood, what is not sure of it, what was found in it.
                understood json null,
                questions json null,
                found json null,
                problem text null,
                bytes bigint unsigned not null default 0,
                things_read bigint unsigned not null default 0,
                heard_at timestamp null,
                created_at timestamp null,
                updated_at timestamp null,
                key layers_lake_id_state_index (lake_id, state),
                constraint layers_lake_id_foreign foreign key (lake_id) references lakes (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
