<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\DerivedId;
use App\Models\Guest;
use App\Models\Trip;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/**
 * What a guest logged on somebody's day, as a day of his own (G5): his stints and fish, the boat's lines that he set or struck with
 * what he struck on them, and what the water was like. Where the owner's
 * lake and its spots lie stays with the owner. Done again, it adds what has come since.
 */
final class OwnCopy
{
    /** What of a day is the water's and not the owner's. */
    private const OF_THE_WATER = ['species', 'date', 'time', 'timezone', 'waterbody', 'water', 'weather', 'forage'];

    private const ROWS = 250;

    public static function of(Guest $guest): Trip
    {
        return DB::transaction(static function () use ($guest): Trip {
            $from = $guest->trip;
            /** @var Trip $to */
            $to = $guest->user->trips()->firstOrCreate(
                ['ask' => self::other($guest, "day {$from->id}")], ['name' => $from->name, 'conditions' => Arr::only($from->known(), self::OF_THE_WATER), 'closed_at' => now()],
            );
            // A towed line is the boat's: what he set or struck of it he has logged.
            $logged = DB::table('log_events')->where('trip_id', $from->id)->where('user_id', $guest->user_id)->where('undone', 0)->whereIn('kind', ['tow', 'contact'])->get(['stint_id', 'contact_id']);
            $stints = DB::table('stints')->where('trip_id', $from->id)->where(
                static fn (Builder $q): Builder => $q->where('user_id', $guest->user_id)->orWhere(
                    static fn (Builder $towed): Builder => $towed->whereNotNull('line')->whereIn('id', $logged->pluck('stint_id')->filter()->all()),
                ),
            )->get();
            $contacts = DB::table('contacts')->where('trip_id', $from->id)->where(
                static fn (Builder $q): Builder => $q->whereIn('stint_id', $stints->whereNull('line')->pluck('id'))
                    ->orWhereIn('id', $logged->pluck('contact_id')->filter()->all()),
            )->whereIn('stint_id', $stints->pluck('id'))->get();
            $own = static fn (object $row): array => ['id' => self::other($guest, $row->id), 'trip_id' => $to->id] + (array) $row;
            self::keep('stints', $stints->map(static fn (object $s): array => ['spot_id' => null, 'user_id' => null, 'angler' => null] + $own($s))->all());
            // Where the boat's own instruments said that it was is the owner's to know.
            $place = $from->fixes()->exists() ? ['lat' => null, 'lon' => null] : [];
            self::keep('contacts', $contacts->map(static fn (object $c): array => $place + ['stint_id' => self::other($guest, $c->stint_id)] + $own($c))->all());
            $to->recount();

            return $to;
        });
    }

    /** @param  array<int, array<string, mixed>>  $rows */
    private static function keep(string $table, array $rows): void
    {
        foreach (array_chunk($rows, self::ROWS) as $some) {
            DB::table($table)->upsert($some, ['id']);
        }
    }

    private static function other(Guest $guest, string $of): string
    {
        return DerivedId::for($guest->user_id, "copy {$of}");
    }
}
