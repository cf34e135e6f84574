<?php

declare(strict_types=1);

namespace App\Boat;

use App\Models\Contact;
use App\Models\Fix;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Support\Carbon;

/** Where the boat was: the positions its instruments left, looked up by time. */
final class Fixes
{
    /** A fix this many seconds away still says where a contact was. */
    private const NEAR_S = 60;

    /** @return array{lat?: ?float, lon?: ?float, depth_ft?: ?float} of the fix nearest in time to a local time, or nothing */
    public static function near(Trip $trip, string $at): array
    {
        $at = Carbon::parse($at);
        /** @var \Illuminate\Support\Collection<int, Fix> $fixes */
        $fixes = $trip->fixes()->whereBetween('at', [$at->copy()->subSeconds(self::NEAR_S), $at->copy()->addSeconds(self::NEAR_S)])->get();
        $fix = $fixes->sortBy(static fn (Fix $f): float => abs($f->at->diffInSeconds($at)))->first();

        return $fix === null ? [] : $fix->only(['lat', 'lon', 'depth_ft']);
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
