<?php

declare(strict_types=1);

namespace App\Drill;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Support\Str;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\HiddenDay;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Next\Offer;

/** The hidden day answers the casts that the angler made on the deck: its fish are logged like any others. */
final class DrillFish
{
    /** Answers every cast that has not been answered yet; the same casts always get the same answers. */
    public static function answer(Trip $trip): void
    {
        $day = HiddenDay::of((int) $trip->drill_seed, DrillWater::choices());
        $clock = 0;
        foreach ($trip->stints()->with('contacts')->get() as $stint) {
            $offer = self::offer($stint);
            $known = $stint->contacts->pluck('at_cast')->flip();
            for ($cast = 1; $cast <= $stint->cast_count; $cast++) {
                $clock++;
                $kind = $offer === null || $known->has($cast) ? null : $day->answer($offer, $clock);
                if ($kind !== null) {
                    Contact::query()->create(
                        [
                            'id' => (string) Str::uuid(), 'trip_id' => $trip->id, 'stint_id' => $stint->id,
                            'at' => $stint->started_at->copy()->addSeconds(Limits::CAST_S * $cast), 'kind' => $kind->value, 'at_cast' => $cast,
                        ],
                    );
                }
            }
        }
    }

    private static function offer(Stint $stint): ?Offer
    {
        $choices = DrillWater::choices();
        $place = $choices->place($stint->spot);
        foreach ($choices->presentations as $presentation) {
            if ($presentation->lure === $stint->lure) {
                return $place === null ? null : new Offer($place, $presentation);
            }
        }

        return null;
    }
}
