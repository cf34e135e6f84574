<?php

declare(strict_types=1);

namespace App\Boat;

use App\Models\Contact;
use App\Models\Fix;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OldEddy\Where\Lake\Position;

/** Where the boat was: the positions its instruments left, looked up by time. */
final class Fixes
{
    /** A fix this many seconds away still says where a contact was. */
    private const NEAR_S = 60;

    /** The boat's way is told by a place every so many seconds. */
    private const WAY_EVERY_S = 30;

    /** @return array{lat?: ?float, lon?: ?float, depth_ft?: ?float} of the fix nearest in time to a local time, or nothing */
    public static function near(Trip $trip, string $at): array
    {
        $at = Carbon::parse($at);
        /** @var \Illuminate\Support\Collection<int, Fix> $fixes */
        $fixes = $trip->fixes()->whereBetween('at', [$at->copy()->subSeconds(self::NEAR_S), $at->copy()->addSeconds(self::NEAR_S)])->get();
        $fix = $fixes->sortBy(static fn (Fix $f): float => abs($f->at->diffInSeconds($at)))->first();

        return $fix === null ? [] : $fix->only(['lat', 'lon', 'depth_ft']);
    }

    /** @return list<array{string, Position}> the boat's way over a day, a place every half minute: when and where */
    public static function way(Trip $trip): array
    {
        $fixes = DB::table('fixes')->where('trip_id', $trip->id)->whereNotNull('lat')->whereNotNull('lon')->groupByRaw('floor(unix_timestamp(at) / ?)', [self::WAY_EVERY_S])
            ->selectRaw('min(at) as at, avg(lat) as lat, avg(lon) as lon')->orderByRaw('min(at)')->get();

        return array_values($fixes->map(static fn (object $f): array => [str_replace(' ', 'T', $f->at), new Position((float) $f->lat, (float) $f->lon)])->all());
    }

    /** The marked spot that a stint's contact was at, where the stint does not know its spot yet. */
    public static function placeStint(Trip $trip, Stint $stint, ?float $lat, ?float $lon): void
    {
        $spot = $stint->spot_id !== null || $lat === null || $lon === null ? null : $trip->lake?->nearest($lat, $lon);
        if ($spot !== null) {
            $stint->forceFill(
                ['spot_id' => $spot->id, 'structure' => $stint->structure ?? $spot->structure, 'cover' => $stint->cover ?? $spot->cover[0] ?? null],
            )->save();
        }
    }

    /** Fills in contacts that were logged before the recording came in; what was said by hand stays. */
    public static function fillIn(Trip $trip): int
    {
        $filled = 0;
        /** @var list<Contact> $contacts */
        $contacts = $trip->contacts()->whereNull('lat')->get()->all();
        foreach ($contacts as $contact) {
            $near = self::near($trip, $contact->at->format('Y-m-d H:i:s'));
            if ($near !== []) {
                $contact->fill(
                    ['lat' => $near['lat'] ?? null, 'lon' => $near['lon'] ?? null, 'depth_ft' => $contact->depth_ft ?? $near['depth_ft'] ?? null],
                )->save();
                $stint = Stint::withTrashed()->find($contact->stint_id);
                if ($stint instanceof Stint) {
                    self::placeStint($trip, $stint, $contact->lat, $contact->lon);
                }
                $filled++;
            }
        }

        return $filled;
    }
}
