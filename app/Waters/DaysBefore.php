<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Trip;
use App\Show\Units;
use DateTimeImmutable;

/** The wind of the two days before a day (W23), as a form has it and as the day keeps it. */
final class DaysBefore
{
    public const WORDS = ['yesterday', 'the day before'];

    /** @return list<array{words: string, wind: string, from: string}> what is known of each, typed or derived, in the angler's units */
    public static function shown(Trip $trip, Units $units): array
    {
        $known = array_column($trip->known()['wind_days'] ?? [], null, 'date');

        return array_map(static function (string $words, int $i) use ($trip, $units, $known): array {
            $day = $known[self::date($trip, $i + 1)] ?? null;

            return [
                'words' => $words, 'wind' => $day === null ? '' : (string) round($units->show('speed', (float) $day['wind_mph']), 1),
                'from' => $day === null ? '' : (string) round((float) $day['wind_from_deg']),
            ];
        }, self::WORDS, array_keys(self::WORDS));
    }

    /**
     * @param  list<array{wind?: mixed, from?: mixed}>  $rows
     * @return list<array{date: string, wind_mph: float, wind_from_deg: float}> those that say something
     */
    public static function written(Trip $trip, array $rows): array
    {
        $days = [];
        foreach ($rows as $i => $row) {
            if (is_numeric($row['wind'] ?? null) && is_numeric($row['from'] ?? null)) {
                $days[] = [
                    'date' => self::date($trip, $i + 1), 'wind_mph' => round($trip->user->units()->take('speed', (float) $row['wind']), 1),
                    'wind_from_deg' => (float) $row['from'],
                ];
            }
        }

        return $days;
    }

    private static function date(Trip $trip, int $ago): string
    {
        return (new DateTimeImmutable((string) ($trip->conditions['date'] ?? 'today')))->modify("-{$ago} days")->format('Y-m-d');
    }
}
