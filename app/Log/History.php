<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
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
            ->whereIn('clarity', array_column($reading->day->clarity->like(), 'value'))->where('id', '!=', $trip->id)->whereNull('drill_seed');
        $ids = $days->pluck('id');
        $casts = 0;
        $contacts = 0.0;
        if ($ids->isNotEmpty()) {
            $casts = (int) DB::table('stints')->whereIn('trip_id', $ids)->whereNull('deleted_at')->sum('cast_count');
            foreach (DB::table('contacts')->whereIn('trip_id', $ids)->whereNull('deleted_at')->groupBy('kind')->selectRaw('kind, count(*) as n')->get() as $row) {
                $contacts += $row->n * ContactKind::from($row->kind)->weight();
            }
        }

        return new OwnPast($ids->count(), $casts, $contacts);
    }
}
