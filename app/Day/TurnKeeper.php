<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Trip;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;

/** Writes down a turn of the day when its conditions change while it is being fished. Corrections at the table are none. */
final class TurnKeeper
{
    /** @param  array<string, mixed>  $before  the conditions as they were */
    public static function note(Trip $trip, string $path, array $before): void
    {
        $now = Carbon::now($trip->conditions['timezone'] ?? 'UTC');
        $was = Arr::get($before, $path);
        $kind = TurnKind::ofField($path);
        if ($kind === null
            || $was === null
            || $was === Arr::get($trip->conditions, $path)
            || ($trip->conditions['date'] ?? null) !== $now->toDateString()
            || ! $trip->stints()->exists()) {
            return;
        }
        $at = $now->format('Y-m-d H:i:s');
        $known = $trip->turns()->where('kind', $kind->value)->where('at', '>', $now->copy()->subMinutes(Turn::ONE_TURN_MIN)->format('Y-m-d H:i:s'))->exists();
        if (! $known) {
            $trip->turns()->create(['id' => (string) Str::uuid(), 'at' => $at, 'kind' => $kind->value]);
        }
    }
}
