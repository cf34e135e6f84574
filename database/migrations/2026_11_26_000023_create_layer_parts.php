<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists layer_parts (
                layer_id bigint unsigned not null,
                part int unsigned not null,
                -- A piece of the file as it came, deflated.
                body mediumblob not null,
                primary key (layer_id, part),
                constraint layer_parts_layer_id_foreign foreign key (layer_id) references layers (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
