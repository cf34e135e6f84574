<?php

declare(strict_types=1);

namespace App\Boat;

use App\Models\Fix;
use App\Models\Trip;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Boat\BoatState;
use OldEddy\Boat\Quantity;
use OldEddy\Contract\ConditionsReader;

/**
 * Takes lines of a boat's instruments into a day: the newest values become what the day measured, positions become
 * fixes. What was typed by hand is not touched and wins. The clock is the instruments' own.
 */
final class Listener
{
    /** Seconds between two fixes that are kept. */
    private const FIX_EVERY_S = 5;

    /** Seconds between two readings of the air's pressure. */
    private const PRESSURE_EVERY_S = 900;

    private const MOST_PRESSURES = 100;

    /** The paths of the day that instruments can fill. */
    private const FILLS = [
        'water.temp_f' => Quantity::WaterTempF, 'weather.wind_mph' => Quantity::WindMph, 'weather.wind_from_deg' => Quantity::WindFromDeg,
        'lat' => Quantity::Lat, 'lon' => Quantity::Lon,
    ];

    private BoatState $state;

    private float $lastFix = -INF;

    private readonly DateTimeZone $zone;

    /** @var list<array<string, mixed>> */
    private array $fixes = [];

    /** @var list<array{path: string, message: string, value: string|float|int|bool|null}> what was measured and cannot be */
    private array $unbelieved = [];

    /** @var list<array{float, float}> second, hPa */
    private array $pressure = [];

    public function __construct(private readonly Trip $trip)
    {
        $this->state = new BoatState;
        $this->zone = new DateTimeZone($trip->conditions['timezone'] ?? 'UTC');
    }

    public function hear(string $line): void
    {
        $this->state = $this->state->after($line);
        $now = $this->state->clock;
        $hpa = $now === null ? null : $this->state->fresh(Quantity::PressureHpa, $now);
        if ($hpa !== null && ($this->pressure === [] || $now - $this->pressure[count($this->pressure) - 1][0] >= self::PRESSURE_EVERY_S)) {
            $this->pressure[] = [$now, $hpa];
        }
        if ($now !== null && $now - $this->lastFix >= self::FIX_EVERY_S && $this->state->fresh(Quantity::Lat, $now) !== null) {
            $this->lastFix = $now;
            $this->fixes[] = [
                'trip_id' => $this->trip->id, 'at' => $this->local($now)->format('Y-m-d H:i:s'),
                'lat' => $this->state->fresh(Quantity::Lat, $now), 'lon' => $this->state->fresh(Quantity::Lon, $now),
                'depth_ft' => $this->state->fresh(Quantity::DepthFt, $now), 'speed_mph' => $this->state->fresh(Quantity::SpeedMph, $now),
            ];
        }
    }

    /** Writes what was heard since the last time into the day. */
    public function keep(): void
    {
        DB::transaction(function (): void {
            foreach (array_chunk($this->fixes, 500) as $some) {
                Fix::query()->insertOrIgnore($some);
            }
            /** @var Trip $fresh */
            $fresh = Trip::query()->whereKey($this->trip->id)->lockForUpdate()->firstOrFail();
            $measured = $this->measured();
            $fresh->update(['measured' => $measured ?: $fresh->measured, 'boat' => $this->report()]);
        });
        $this->fixes = [];
        Fixes::fillIn($this->trip);
    }

    public function state(): BoatState
    {
        return $this->state;
    }

    /** @return array<string, mixed> in the keys of the contract of the plan */
    private function measured(): array
    {
        $measured = [];
        foreach (self::FILLS as $path => $quantity) {
            $value = $this->state->clock === null ? null : $this->state->fresh($quantity, $this->state->clock);
            if ($value !== null) {
                data_set($measured, $path, round($value, $path === 'lat' || $path === 'lon' ? 5 : 1));
            }
        }

        foreach (array_slice($this->pressure, -self::MOST_PRESSURES) as [$second, $hpa]) {
            $measured['weather']['pressure_series'][] = ['hours_ago' => round(($this->state->clock - $second) / 3600, 2), 'hpa' => round($hpa, 1)];
        }

        return $this->believable($measured);
    }

    /**
     * What the day can be read with. A sensor in the sun, ice or a gust says what no water and no day is like: that is left
     * out and told, and the rest stays.
     *
     * @param  array<string, mixed>  $measured
     * @return array<string, mixed>
     */
    private function believable(array $measured): array
    {
        $this->unbelieved = [];
        try {
            ConditionsReader::read(['species' => 'largemouth_bass'] + $measured);
        } catch (InvalidInput $e) {
            foreach ($e->problems as $problem) {
                $path = str_starts_with($problem->path, 'weather.pressure_series') ? 'weather.pressure_series' : $problem->path;
                $this->unbelieved[] = ['path' => $path, 'message' => $problem->message] + [
                    'value' => is_scalar($value = data_get($measured, $path)) ? $value : null,
                ];
                data_forget($measured, $path);
            }
        }

        return array_filter($measured, static fn (mixed $part): bool => $part !== []);
    }

    /** @return array<string, mixed> what the pages show: each value with its local time, and what was broken */
    private function report(): array
    {
        $values = [];
        foreach ($this->state->values as $key => [$value, $second]) {
            $values[$key] = [
                'value' => round($value, 5),
                'at' => $this->local($second)->format('Y-m-d\TH:i:s'),
                'second' => $second,
                'stale' => $this->state->clock !== null && $this->state->fresh(Quantity::from($key), $this->state->clock) === null,
            ];
        }

        return [
            'values' => $values,
            'heard' => $this->state->heard,
            'undated' => $this->state->undated,
            'broken' => $this->state->broken,
            'unbelieved' => $this->unbelieved,
            'until' => $this->state->clock === null ? null : $this->local($this->state->clock)->format('Y-m-d\TH:i:s'),
        ];
    }

    private function local(float $second): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.(int) round($second)))->setTimezone($this->zone);
    }
}
