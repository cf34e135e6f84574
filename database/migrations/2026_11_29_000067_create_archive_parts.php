<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists archive_parts (
                archive_id bigint unsigned not null,
                part int unsigned not null,
                -- A piece of the file, deflated.
                body mediumblob not null,
                primary key (archive_id, part),
                constraint archive_parts_archive foreign key (archive_id) references archives (id) on delete cascade
            ) engine=InnoDB
            SQL);
    }
};
