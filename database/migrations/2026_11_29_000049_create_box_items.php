<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            create table if not exists box_items (
                id bigint unsigned not null auto_increment primary key,
                user_id bigint unsigned not null,
                -- The form it was typed in: sent twice, it is one item.
                ask uuid null,
                lure varchar(60) not null,
                name varchar(60) null,
                color varchar(40) null,
                color_name varchar(60) null,
                weight_oz decimal(7, 4) null,
                length_in decimal(5, 2) null,
                rated_ft decimal(6, 1) null,
                hook varchar(40) null,
                number int unsigned not null default 1,
                -- When it was cared for last, and what it lacks (K1).
                cleaned_on date null,
                sharpened_on date null,
                skirt varchar(10) null,
                treble varchar(10) null,
                paint varchar(10) null,
                -- The day on which the last one was lost (K3).
                lost_on date null,
                created_at timestamp null,
                updated_at timestamp null,
                unique key box_items_ask (user_id, ask),
                key box_items_by_lure (user_id, lure),
                constraint box_items_user foreign key (user_id) references users (id) on delete cascade
            ) engine=InnoDB default charset=utf8mb4 collate=utf8mb4_unicode_ci
            SQL);
    }
};
