<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        // The families that were marked on an angler's last day become the first items of the box; their ids come from what they are.
        DB::statement(<<<'SQL'
            replace into box_items (user_id, ask, lure, number, created_at, updated_at)
            select t.user_id,
                insert(insert(insert(insert(insert(insert(md5(concat(t.user_id, j.lure)), 13, 1, '5'), 17, 1, '8'), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'),
                j.lure, 1, now(), now()
            from trips t
            join (select max(id) as id from trips where json_exists(conditions, '$.owned[0]') and drill_seed is null group by user_id) newest on newest.id = t.id
            join json_table(t.conditions, '$.owned[*]' columns (lure varchar(60) path '$')) j
            SQL);
    }
};
