<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\LastLogged;
use App\Models\Trip;
use OldEddy\Log\Evidence\OwnPast;
use OldEddy\Reading\Reading;

/** The angler's own past days of the same stage and like clarity, summed in the database. */
final class History
{
    /** What was cast on them. */
    public static function before(Trip $trip, Reading $reading): OwnPast
    {
        return self::summed($trip, $reading, 'casts_made', 'contacts_weighed');
    }

    /** What was towed on them, by line-minutes (T10). */
    public static function towedBefore(Trip $trip, Reading $reading): OwnPast
    {
        return self::summed($trip, $reading, 'towed_min', 'towed_contacts');
    }

    /**
     * @param  literal-string  $tries
     * @param  literal-string  $gave
     */
    private static function summed(Trip $trip, Reading $reading, string $tries, string $gave): OwnPast
    {
        $alike = OwnPast::asked($reading);

        return LastLogged::others($trip, "past {$tries} ".serialize($alike), static function () use ($trip, $alike, $tries, $gave): OwnPast {
            /** @var object{days: int, casts: int|string|null, contacts: float|string|null} $sum */
            $sum = $trip->otherDays($alike['stage'])->whereIn('clarity', $alike['clarity'])
                ->selectRaw("count(*) as days, sum({$tries}) as casts, sum({$gave}) as contacts")->first();

            return new OwnPast((int) $sum->days, (int) $sum->casts, (float) $sum->contacts);
        });
    }
}
