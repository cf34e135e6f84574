<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use OldEddy\Log\Evidence\ContactKind;

return new class extends Migration
{
    public function up(): void
    {
        $weights = implode(' ', array_map(static fn (ContactKind $k): string => "when '{$k->value}' then {$k->weight()}", ContactKind::cases()));
        DB::statement(<<<SQL
            replace into lure_sums (trip_id, lure, casts, contacts_weighed)
            select s.trip_id, s.lure, sum(s.cast_count), coalesce(sum(w.weight), 0)
            from stints s
            left join (
                select stint_id, sum(case kind {$weights} else 0 end) as weight from contacts where deleted_at is null group by stint_id
            ) w on w.stint_id = s.id
            where s.deleted_at is null group by s.trip_id, s.lure
            SQL);
    }
};
