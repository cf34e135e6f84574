<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use OldEddy\Evidence\ContactKind;
use OldEddy\Evidence\OwnPast;
use OldEddy\Reading\Reading;

/** The angler's own past days of the same stage and like clarity, summed in the database. */
final class History
{
    public static function before(Trip $trip, Reading $reading): OwnPast
    {
        $days = DB::table('trips')->where('user_id', $trip->user_id)->where('stage', $reading->stage->stage->value)
            ->whereIn('clarity', array_column($reading->day->clarity->like(), 'value'))->where('trips.id', '!=', $trip->id)->whereNull('drill_seed');
        $fished = static fn (string $table): Builder => $days->clone()->join($table, "{$table}.trip_id", '=', 'trips.id')->whereNull("{$table}.deleted_at");
        $contacts = 0.0;
        foreach ($fished('contacts')->groupBy('kind')->selectRaw('kind, count(*) as n')->get() as $row) {
            $contacts += $row->n * ContactKind::from($row->kind)->weight();
        }

        return new OwnPast($days->count(), (int) $fished('stints')->sum('cast_count'), $contacts);
    }
}
