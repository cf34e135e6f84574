<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use OldEddy\Basics\Direction;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\WindDay;
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
            ->orderByDesc('day')->limit(self::MOST)->get(['conditions', 'measured']);
        $told = [$trip->conditions, ...$earlier->map(self::told(...))->all()];
        // The gauge's reference is said once for a water: the levels of all its days are read by it.
        $reference = FromOwnDays::of(array_map(static fn (array $c): OwnDay => self::day($c, $today), $told))->poolReferenceFt;
        $own = FromOwnDays::of(array_map(static fn (array $c): OwnDay => self::day($c, $today, $reference), $told));

        return array_filter([
            'water' => array_filter([
                'temp_trend_f_per_day' => $own->tempTrendFPerDay, 'level_change_ft_per_week' => $own->levelChangeFtPerWeek,
                'normal_visibility_ft' => $own->normalVisibilityFt, 'pool_reference_ft' => $own->poolReferenceFt,
            ], static fn (?float $v): bool => $v !== null),
            'weather' => array_filter(['front' => $own->front?->value]),
            'wind_days' => array_map(static fn (WindDay $w): array => [
                'date' => $today->modify("-{$w->daysAgo} days")->format('Y-m-d'), 'wind_mph' => $w->mph, 'wind_from_deg' => $w->fromDeg,
            ], $own->windDays),
        ]);
    }

    /** @return array<string, mixed> the conditions of an earlier day, with the wind that its boat measured where nobody typed one */
    private static function told(object $day): array
    {
        $measured = $day->measured === null ? [] : json_decode((string) $day->measured, true, flags: JSON_THROW_ON_ERROR);
        $conditions = json_decode((string) $day->conditions, true, flags: JSON_THROW_ON_ERROR);
        $wind = array_intersect_key($measured['weather'] ?? [], ['wind_mph' => 0, 'wind_from_deg' => 0]);

        return $wind === [] ? $conditions : array_replace_recursive(['weather' => $wind], $conditions);
    }

    /** @param  array<string, mixed>  $conditions */
    private static function day(array $conditions, DateTimeImmutable $today, ?float $reference = null): OwnDay
    {
        $number = static fn (string $path): ?float => is_numeric($value = Arr::get($conditions, $path)) ? (float) $value : null;

        return new OwnDay(
            (int) (new DateTimeImmutable((string) $conditions['date']))->diff($today)->days, $number('water.temp_f'), $number('water.visibility_ft'),
            PoolLevel::ft($number('water.level_ft'), $number('water.pool_ft'), $number('water.pool_reference_ft') ?? $reference),
            Sky::tryFrom((string) Arr::get($conditions, 'weather.sky')), Front::tryFrom((string) Arr::get($conditions, 'weather.front')),
            $number('water.pool_reference_ft'), ...self::wind($conditions),
        );
    }

    /**
     * The wind of a day: as it was said, else the mean of its forecast.
     *
     * @param  array<string, mixed>  $conditions
     * @return array{windMph: ?float, windFromDeg: ?float}
     */
    private static function wind(array $conditions): array
    {
        [$mph, $from] = [Arr::get($conditions, 'weather.wind_mph'), Arr::get($conditions, 'weather.wind_from_deg')];
        if (is_numeric($mph) && is_numeric($from)) {
            return ['windMph' => (float) $mph, 'windFromDeg' => (float) $from];
        }
        $hours = array_values(array_filter(
            is_array($conditions['forecast'] ?? null) ? $conditions['forecast'] : [], static fn (array $h): bool => isset($h['wind_mph'], $h['wind_from_deg']),
        ));
        $mean = Direction::mean(array_map(static fn (array $h): array => [(float) $h['wind_mph'], (float) $h['wind_from_deg']], $hours));

        return ['windMph' => $mean[0] ?? null, 'windFromDeg' => $mean[1] ?? null];
    }
}
