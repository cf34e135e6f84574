<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Day\Conditions\Forecast;
use OldEddy\Day\Conditions\ForecastHour;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/**
 * The plan over the hours of a day: sun and low light by the clock, sky, wind and pressure as they are forecast. Basis: rules
 * W16, W20 and W24; how much light an hour needs to be told is our own choice.
 */
final class ByHour
{
    /** Hours are told while there is light: from civil dawn to civil dusk, degrees. */
    private const DARK_UNDER_DEG = -6.0;

    /**
     * @param  list<ForecastHour>  $forecast
     * @return list<HourPlan> one an hour of light; none without a date, since nobody knows the sun then
     */
    public static function of(Settled $day, array $forecast = []): array
    {
        if ($day->sunDay === null) {
            return [];
        }
        $hours = [];
        $before = null;
        foreach (range(0, 23) as $hour) {
            if ($day->sunDay->at(60 * $hour)->elevationDeg < self::DARK_UNDER_DEG) {
                continue;
            }
            $reading = WaterReader::read(self::at($day, 60 * $hour, $forecast));
            $hours[] = new HourPlan(60 * $hour, LureRanking::of($reading)->first(), $reading->mood->value, self::different($reading, $before));
            $before = $reading;
        }

        return $hours;
    }

    /**
     * The hour in which the fish are most willing; of several alike the first.
     *
     * @param  non-empty-list<HourPlan>  $hours
     */
    public static function best(array $hours): HourPlan
    {
        $best = $hours[0];
        foreach ($hours as $hour) {
            $best = $hour->mood > $best->mood ? $hour : $best;
        }

        return $best;
    }

    /** @param  list<ForecastHour>  $forecast */
    private static function at(Settled $day, int $minute, array $forecast): Settled
    {
        return $day->atMinute($minute, array_filter(get_object_vars(Forecast::at($forecast, $minute)), static fn (mixed $v): bool => $v !== null));
    }

    /** What this hour has that the one before had not. */
    private static function different(Reading $now, ?Reading $before): string|Said
    {
        $day = $now->day;
        $was = $before?->day;

        return match (true) {
            $day->lowLight && ($was === null || ! $was->lowLight) => 'First or last light: the predators have the edge.',
            ! $day->lowLight && $was !== null && $was->lowLight => 'The low light is over.',
            $was !== null && $day->sky !== $was->sky => 'The sky turns: '.$day->sky->words().'.',
            $was !== null && $day->front !== $was->front => 'The front: '.$day->front->words().'.',
            $was !== null
                && ($day->isWindy() !== $was->isWindy() || $day->isCalm() !== $was->isCalm()) => Said::of('The wind is {%.0f mph} now.', $day->windMph),
            default => 'As the hour before.',
        };
    }
}
