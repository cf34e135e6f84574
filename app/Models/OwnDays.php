<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Water\FromOwnDays;
use OldEddy\Day\Water\OwnDay;
use OldEddy\Day\Water\PoolLevel;

/** What the angler's own days on the same lake say of a day, in the keys of the conditions (W22). */
final class OwnDays
{
    /** So far back days speak of the normal of a water, and so many at the most. */
    private const BACK_DAYS = 400;

    private const MOST = 60;

    /** @return array<string, mixed> nothing where the lake or the date is not known, or no day says anything */
    public static function derive(Trip $trip): array
    {
        $date = $trip->conditions['date'] ?? null;
        if ($trip->lake_id === null || $trip->drill_seed !== null || ! is_string($date)) {
            return [];
        }
        $today = new DateTimeImmutable($date);
        $earlier = DB::table('trips')->where('user_id', $trip->user_id)->where('lake_id', $trip->lake_id)->where('id', '!=', $trip->id ?? 0)
            ->whereNull('drill_seed')->where('day', '<=', $date)->where('day', '>=', $today->modify('-'.self::BACK_DAYS.' days')->format('Y-m-d'))
            ->orderByDesc('day')->limit(self::MOST)->pluck('conditions');
        $told = [$trip->conditions, ...$earlier->map(static fn (string $c): array => json_decode($c, true, flags: JSON_THROW_ON_ERROR))->all()];
        // The gauge's reference is said once for a water: the levels of all its days are read by it.
        $reference = FromOwnDays::of(array_map(static fn (array $c): OwnDay => self::day($c, $today), $told))->poolReferenceFt;
        $own = FromOwnDays::of(array_map(static fn (array $c): OwnDay => self::day($c, $today, $reference), $told));

        return array_filter([
            'water' => array_filter([
                'temp_trend_f_per_day' => $own->tempTrendFPerDay, 'level_change_ft_per_week' => $own->levelChangeFtPerWeek,
                'normal_visibility_ft' => $own->normalVisibilityFt, 'pool_reference_ft' => $own->poolReferenceFt,
            ], static fn (?float $v): bool => $v !== null),
            'weather' => array_filter(['front' => $own->front?->value]),
        ]);
    }

    /** @param  array<string, mixed>  $conditions */
    private static function day(array $conditions, DateTimeImmutable $today, ?float $reference = null): OwnDay
    {
        $number = static fn (string $path): ?float => is_numeric($value = Arr::get($conditions, $path)) ? (float) $value : null;

        return new OwnDay(
            (int) (new DateTimeImmutable((string) $conditions['date']))->diff($today)->days, $number('water.temp_f'), $number('water.visibility_ft'),
            PoolLevel::ft($number('water.level_ft'), $number('water.pool_ft'), $number('water.pool_reference_ft') ?? $reference),
            Sky::tryFrom((string) Arr::get($conditions, 'weather.sky')), Front::tryFrom((string) Arr::get($conditions, 'weather.front')),
            $number('water.pool_reference_ft'),
        );
    }
}
