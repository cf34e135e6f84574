<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use Illuminate\Support\HtmlString;

/** A form that becomes an entry of the log where there is no signal: what the script needs to know of it, as attributes. */
final class KeptForm
{
    /** @param  string  $entry  the entry without its id and its time, as JSON */
    public static function of(Trip $trip, string $entry): HtmlString
    {
        return new HtmlString(sprintf(
            'x-data="keeps" @submit="submit" data-trip="%d" data-angler="%d" data-zone="%s" data-entry="%s"',
            $trip->id, $trip->user_id, e($trip->conditions['timezone'] ?? ''), e($entry),
        ));
    }
}
