<?php

declare(strict_types=1);

namespace App\Drill;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use OldEddy\Drill\Casting;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\HiddenDay;
use OldEddy\Log\Evidence\ContactKind;
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

    /**
     * What can be fished there now, and the time: both as the casts made so far leave them.
     *
     * @param  Collection<int, Stint>  $stints  of the drill, in order of time
     */
    public static function now(Trip $trip, Collection $stints): DrillNow
    {
        return self::fished(self::day($trip), $stints, static fn (): null => null);
    }

    /** Answers every cast that has not been answered yet; the same casts always get the same answers. */
    public static function answer(Trip $trip): void
    {
        self::fished(self::day($trip), $trip->stints()->with('contacts')->get(), static function (Stint $stint, int $cast, ?ContactKind $kind) use ($trip): void {
            if ($kind !== null && ! $stint->contacts->contains('at_cast', $cast)) {
                Contact::query()->create(
                    [
                        'id' => (string) Str::uuid(), 'trip_id' => $trip->id, 'stint_id' => $stint->id,
                        'at' => $stint->started_at->copy()->addSeconds(Limits::CAST_S * $cast), 'kind' => $kind->value, 'at_cast' => $cast,
                    ],
                );
            }
        });
    }

    /**
     * Fishes a hidden day again, cast by cast, and says how it stands then.
     *
     * @param  Collection<int, Stint>  $stints
     * @param  Closure(Stint, int, ?ContactKind): void  $each  hears every cast of a stint (from 1) with what it brought
     */
    private static function fished(HiddenDay $day, Collection $stints, Closure $each): DrillNow
    {
        $casting = new Casting($day);
        $last = null;
        foreach ($stints as $stint) {
            $offer = self::offer($day->choices($casting->minute(), $last), $stint);
            if ($offer === null) {
                continue;
            }
            $casting->change($offer);
            for ($cast = 1; $cast <= $stint->cast_count; $cast++) {
                $each($stint, $cast, $casting->cast($offer));
            }
            $last = $stint->spot;
        }
        $minute = $casting->minute();

        return new DrillNow($day->choices($minute, $last), new TimeLeft($minute, max($minute, (new TimeLeft)->wholeMin)));
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
