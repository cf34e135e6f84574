<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Guest;
use App\Models\Trip;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * What a guest logged on somebody's day, as a day of his own (G5): his stints and fish, and what the water was like. Where the owner's
 * lake and its spots lie stays with the owner. Done again, it adds what has come since.
 */
final class OwnCopy
{
    /** What of a day is the water's and not the owner's. */
    private const OF_THE_WATER = ['species', 'date', 'time', 'timezone', 'waterbody', 'water', 'weather', 'forage'];

    public static function of(Guest $guest): Trip
    {
        return DB::transaction(static function () use ($guest): Trip {
            $from = $guest->trip;
            /** @var Trip $to */
            $to = $guest->user->trips()->firstOrCreate(
                ['ask' => self::other($guest, "day {$from->id}")], ['name' => $from->name, 'conditions' => Arr::only($from->known(), self::OF_THE_WATER), 'closed_at' => now()],
            );
            $stints = DB::table('stints')->where('trip_id', $from->id)->where('user_id', $guest->user_id)->get();
            $contacts = DB::table('contacts')->where('trip_id', $from->id)->whereIn('stint_id', $stints->pluck('id'))->get();
            foreach (['stints' => [$stints, ['spot_id' => null, 'user_id' => null, 'angler' => null]], 'contacts' => [$contacts, []]] as $table => [$rows, $less]) {
                foreach ($rows as $row) {
                    $own = ['id' => self::other($guest, $row->id), 'trip_id' => $to->id] + $less + (array) $row;
                    DB::table($table)->upsert([isset($own['stint_id']) ? ['stint_id' => self::other($guest, $row->stint_id)] + $own : $own], ['id']);
                }
            }
            $to->recount();

            return $to;
        });
    }

    private static function other(Guest $guest, string $of): string
    {
        return Uuid::uuid5('9a1d8a53-2f0e-5d5b-8a37-3a5f1d0c7b42', "{$guest->user_id} {$of}")->toString();
    }
}
