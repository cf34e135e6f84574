<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            update trips set forage_seen = (
                select json_arrayagg(distinct contacts.forage order by contacts.forage) from contacts join stints on stints.id = contacts.stint_id
                where stints.trip_id = trips.id and stints.deleted_at is null and contacts.deleted_at is null and contacts.forage is not null
            ) where forage_seen is null
            SQL);
    }
};
