<?php

declare(strict_types=1);

namespace App\Drill;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Support\Str;
use OldEddy\Drill\Casting;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\HiddenDay;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Evidence\Stint as LoggedStint;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\TimeLeft;

/** The hidden day answers the casts that the angler made on the deck: its fish are logged like any others. */
final class DrillFish
{
    /** The hidden day of a drill. */
    public static function day(Trip $trip): HiddenDay
    {
        return HiddenDay::of((int) $trip->drill_seed, DrillWater::choices());
    }

    /** What can be fished there now, and the time: both as the casts made so far leave them. */
    public static function now(Trip $trip): DrillNow
    {
        $casting = new Casting($day = self::day($trip));
        $last = null;
        foreach ($trip->stints()->get() as $stint) {
            $offer = self::offer($day->choices($casting->minute(), $last), $stint);
            if ($offer !== null) {
                $casting->change($offer);
                for ($cast = 1; $cast <= $stint->cast_count; $cast++) {
                    $casting->cast($offer);
                }
                $last = $stint->spot;
            }
        }
        $minute = $casting->minute();

        return new DrillNow($day->choices($minute, $last), new TimeLeft($minute, max($minute, (new TimeLeft)->wholeMin)));
    }

    /** Answers every cast that has not been answered yet; the same casts always get the same answers. */
    public static function answer(Trip $trip): void
    {
        $casting = new Casting($day = self::day($trip));
        $last = null;
        foreach ($trip->stints()->with('contacts')->get() as $stint) {
            $offer = self::offer($day->choices($casting->minute(), $last), $stint);
            if ($offer === null) {
                continue;
            }
            $casting->change($offer);
            $known = $stint->contacts->pluck('at_cast')->flip();
            for ($cast = 1; $cast <= $stint->cast_count; $cast++) {
                $kind = $casting->cast($offer);
                if ($kind !== null && ! $known->has($cast)) {
                    Contact::query()->create(
                        [
                            'id' => (string) Str::uuid(), 'trip_id' => $trip->id, 'stint_id' => $stint->id,
                            'at' => $stint->started_at->copy()->addSeconds(Limits::CAST_S * $cast), 'kind' => $kind->value, 'at_cast' => $cast,
                        ],
                    );
                }
            }
            $last = $stint->spot;
        }
    }

    private static function offer(Choices $choices, Stint $stint): ?Offer
    {
        $place = $choices->place($stint->spot);
        $shown = $choices->presentation(new LoggedStint(
            '', $stint->only(['lure', 'color', 'retrieve']), null, 0, null, [], weightOz: $stint->weight_oz, lengthIn: $stint->length_in,
        ));

        return $place === null || $shown === null ? null : new Offer($place, $shown);
    }
}
