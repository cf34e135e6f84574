<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use JsonException;
use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Basics\Units\Speed;

/**
 * The hours of a day out of a forecast file: CSV with a header, or JSON, as a list of hours or as arrays side by side. Columns are known
 * by their names; what is none of ours is left. Basis: rule W24; shares of cloud and rain that make a sky are our own choice.
 */
final class ForecastFile
{
    /** What a column may be called, in small letters without signs. */
    private const NAMES = [
        'time' => ['time', 'hour', 'datetime', 'validtime', 'localtime'], 'sky' => ['sky', 'weather'],
        'cloud' => ['cloud', 'cloudpct', 'cloudcover', 'clouds', 'cloudshare'], 'rain' => ['rain', 'precipitation', 'precip', 'rainmm', 'rainin'],
        'wind' => ['windmph', 'wind', 'windspeed', 'windspeedmph'], 'wind_kmh' => ['windkmh', 'windspeedkmh'], 'wind_ms' => ['windms', 'windspeedms'],
        'from' => ['windfromdeg', 'winddirection', 'winddir', 'winddeg', 'windfrom'], 'hpa' => ['pressurehpa', 'pressure', 'pressuremsl', 'hpa', 'mb'],
    ];

    /** Under the first share of cloud (per cent) it is clear, under the second partly cloudy. */
    private const CLEAR_UNDER = 25;

    private const PARTLY_UNDER = 70;

    /**
     * The hours as the contract takes them; of a file that names dates, those of the given one (YYYY-MM-DD).
     *
     * @return non-empty-list<array<string, mixed>>
     *
     * @throws InvalidInput when it is no forecast, or says nothing of that day
     */
    public static function read(string $text, ?string $date): array
    {
        $rows = in_array(trim($text)[0] ?? '', ['{', '['], true) ? self::json($text) : self::csv($text);
        $hours = [];
        foreach ($rows as $row) {
            $hour = self::hour($row, $date);
            if ($hour !== null) {
                $hours[] = $hour;
            }
        }

        return $hours !== [] ? $hours : throw self::problem(
            'has no hour of '.($date ?? 'the day').': a column "time" is needed, written HH:MM or with its date.',
        );
    }

    /**
     * @param  array<string, mixed>  $row
     * @return ?array<string, mixed>
     */
    private static function hour(array $row, ?string $date): ?array
    {
        $at = trim((string) ($row['time'] ?? ''));
        if (preg_match('/^(?:(\d{4}-\d\d-\d\d)[T ])?(\d{1,2})(?::(\d\d))?/', $at, $m) !== 1 || ($m[1] !== '' && $date !== null && $m[1] !== $date) || (int) $m[2] > 23) {
            return null;
        }
        $number = static fn (string $key): ?float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : null;
        $metres = $number('wind_ms') ?? ($number('wind_kmh') === null ? null : $number('wind_kmh') / 3.6);
        $wind = $number('wind') ?? ($metres === null ? null : Speed::fromMetresPerSecond($metres)->mph());

        return array_filter([
            'time' => sprintf('%02d:%02d', (int) $m[2], (int) ($m[3] ?? 0)), 'sky' => self::sky($row, $number('cloud'), $number('rain')),
            'wind_mph' => $wind === null ? null : round($wind, 1), 'wind_from_deg' => $number('from'), 'pressure_hpa' => $number('hpa'),
        ], static fn (mixed $v): bool => $v !== null);
    }

    /** @param  array<string, mixed>  $row */
    private static function sky(array $row, ?float $cloud, ?float $rain): ?string
    {
        $said = is_string($row['sky'] ?? null) && trim($row['sky']) !== '' ? strtolower(trim($row['sky'])) : null;

        return match (true) {
            $rain !== null && $rain > 0.1 => 'rain',
            $said !== null => $said,
            $cloud === null => null,
            // A share is written of one or of a hundred.
            ($cloud <= 1 ? 100 * $cloud : $cloud) < self::CLEAR_UNDER => 'clear',
            ($cloud <= 1 ? 100 * $cloud : $cloud) < self::PARTLY_UNDER => 'partly',
            default => 'overcast',
        };
    }

    /** @return list<array<string, mixed>> */
    private static function csv(string $text): array
    {
        $lines = preg_split('/\R/', trim($text)) ?: [];
        $mark = substr_count($lines[0] ?? '', ';') > substr_count($lines[0] ?? '', ',') ? ';' : ',';
        $keys = array_map(self::key(...), str_getcsv($lines[0] ?? '', $mark, '"', ''));

        return array_map(static function (string $line) use ($keys, $mark): array {
            $cells = str_getcsv($line, $mark, '"', '');

            return array_combine($keys, array_pad(array_slice($cells, 0, count($keys)), count($keys), null));
        }, array_slice($lines, 1));
    }

    /** @return list<array<string, mixed>> */
    private static function json(string $text): array
    {
        try {
            $in = json_decode($text, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw self::problem('is not the JSON it begins as.');
        }
        $in = is_array($in['hourly'] ?? null) ? $in['hourly'] : $in;
        if (! is_array($in)) {
            throw self::problem('holds no hours.');
        }
        if (! array_is_list($in)) {
            // Arrays side by side: turned into hours.
            $columns = array_filter($in, is_array(...));
            $count = max([0, ...array_map(count(...), $columns)]);
            $hour = static fn (int $i): array => array_map(static fn (array $column): mixed => $column[$i] ?? null, $columns);
            $in = array_map($hour, $count === 0 ? [] : range(0, $count - 1));
        }

        return array_map(
            static fn (mixed $one): array => ! is_array($one) ? [] : array_combine(
                array_map(static fn (int|string $name): string => self::key((string) $name), array_keys($one)), array_values($one),
            ),
            $in,
        );
    }

    private static function key(?string $name): string
    {
        $plain = (string) preg_replace('/[^a-z]/', '', strtolower((string) $name));
        foreach (self::NAMES as $key => $names) {
            if (in_array($plain, $names, true)) {
                return $key;
            }
        }

        return "other {$plain}";
    }

    private static function problem(string $message): InvalidInput
    {
        return new InvalidInput([new InputProblem('forecast', $message)]);
    }
}
