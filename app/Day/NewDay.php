<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Lake;
use App\Models\RackSlot;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;

/** A day that begins: what seldom changes is taken over from the angler's last day, on its own lake where it has one. */
final class NewDay
{
    /** The water changes, the place and the fish seldom do. */
    private const CARRIED = ['species', 'waterbody', 'lat', 'lon', 'timezone', 'platform', 'rods'];

    /** What belongs to a lake and not to its day. */
    private const OF_THE_LAKE = ['water.normal_visibility_ft', 'water.pool_reference_ft'];

    /**
     * Opens a day; asked for twice under one id, it is opened once.
     *
     * @param  array{name?: ?string, date: string, species?: ?string, time?: ?string, timezone?: ?string, ask: string}  $given
     */
    public static function open(User $angler, ?Lake $lake, array $given): Trip
    {
        $days = $angler->trips()->whereNull('drill_seed');
        /** @var ?Trip $there */
        $there = $lake === null ? null : $days->clone()->where('lake_id', $lake->id)->orderByDesc('day')->orderByDesc('id')->first();
        /** @var ?Trip $last */
        $last = $there ?? $days->latest('id')->first();
        $conditions = [...self::carried($last, $there !== null), 'date' => $given['date']];
        $conditions['species'] = $given['species'] ?? $conditions['species'] ?? null;
        if ($conditions['species'] === null) {
            throw ValidationException::withMessages(['species' => 'Which fish is the day for? Nothing is planned for a fish that nobody named.']);
        }
        if (isset($given['timezone'])) {
            $conditions['timezone'] ??= $given['timezone'];
        }
        if (isset($given['time'])) {
            $conditions['time'] = $given['time'];
        }
        if ($there === null && $lake?->ramp_lat !== null && $lake->ramp_lon !== null) {
            [$conditions['lat'], $conditions['lon']] = [round($lake->ramp_lat, 2), round($lake->ramp_lon, 2)];
        }
        /** @var Trip $day */
        $day = $angler->trips()->firstOrCreate(
            ['ask' => $given['ask']], ['name' => $given['name'] ?? $lake->name ?? '', 'conditions' => $conditions, 'lake_id' => $lake?->id],
        );
        if ($day->wasRecentlyCreated) {
            $there?->rack->each(static fn (RackSlot $rod) => $day->rack()->create($rod->only(RackSlot::PRESENTATION)));
        }

        return $day;
    }

    /** @return array<string, mixed> */
    private static function carried(?Trip $last, bool $isThere): array
    {
        $carried = array_intersect_key($last->conditions ?? [], array_flip(self::CARRIED));
        foreach ($isThere ? self::OF_THE_LAKE : [] as $path) {
            $value = Arr::get($last->conditions ?? [], $path);
            if ($value !== null) {
                Arr::set($carried, $path, $value);
            }
        }

        return $carried;
    }
}
