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
    public static function before(Trip $trip, Reading $reading): OwnPast
    {
        $alike = OwnPast::asked($reading);

        return LastLogged::others($trip, 'past '.serialize($alike), static function () use ($trip, $alike): OwnPast {
            /** @var object{days: int, casts: int|string|null, contacts: float|string|null} $sum */
            $sum = $trip->otherDays($alike['stage'])->whereIn('clarity', $alike['clarity'])
                ->selectRaw('count(*) as days, sum(casts_made) as casts, sum(contacts_weighed) as contacts')->first();

            return new OwnPast((int) $sum->days, (int) $sum->casts, (float) $sum->contacts);
        });
    }
}
