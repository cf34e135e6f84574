<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use DateTimeZone;
use OldEddy\Basics\ClockTime;
use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Day\Sun\SunDay;
use OldEddy\Where\Shade\BankShade;
use OldEddy\Where\Shade\ShadeDay;

/** The shade of a bank over a day as plain arrays, as docs/schema/shade.out.json describes it. */
final class ShadeContract
{
    /**
     * @param  array<array-key, mixed>  $in
     * @return array<string, mixed>
     *
     * @throws InvalidInput with every problem found
     */
    public static function answer(array $in): array
    {
        $fields = Fields::of($in);
        $date = ConditionsReader::date($fields);
        $zone = ConditionsReader::timezone($fields);
        $numbers = [];
        foreach ([
            'lat' => [-90, 90, 'degrees'], 'lon' => [-180, 180, 'degrees'], 'bank_faces_deg' => [0, 360, 'degrees'],
            'object_height_ft' => [0, 2000, 'ft'],
        ] as $key => [$least, $most, $unit]) {
            $numbers[$key] = $fields->number($key, $least, $most, $unit);
        }
        $setback = $fields->number('setback_ft', 0, 2000, 'ft') ?? 0.0;
        $step = $fields->integer('step_minutes', 1, 240) ?? 10;
        foreach (['date', 'timezone', ...array_keys($numbers)] as $key) {
            if ($fields->take($key) === null) {
                $fields->problem($key, 'is required.');
            }
        }
        $fields->finish();
        $sun = new SunDay((string) $date, new DateTimeZone((string) $zone), (float) $numbers['lat'], (float) $numbers['lon']);
        $bank = new BankShade((float) $numbers['bank_faces_deg'], (float) $numbers['object_height_ft'], $setback);

        return self::told($sun, $bank, $step);
    }

    /** @return array<string, mixed> */
    private static function told(SunDay $sun, BankShade $bank, int $step): array
    {
        $rise = $sun->sunriseMinute();
        $set = $sun->sunsetMinute();
        $samples = [];
        $first = (int) (ceil(($rise ?? 0) / $step) * $step);
        for ($minute = $first; $minute <= ($set ?? 1439); $minute += $step) {
            $at = $sun->at($minute);
            if ($at->elevationDeg > 0) {
                $samples[] = [
                    'time' => ClockTime::of($minute), 'azimuth_deg' => round($at->azimuthDeg, 2), 'elevation_deg' => round($at->elevationDeg, 2),
                    'shade_width_ft' => round($bank->widthFt($at), 2),
                ];
            }
        }

        return [
            'sunrise' => $rise === null ? null : ClockTime::of($rise),
            'sunset' => $set === null ? null : ClockTime::of($set),
            'samples' => $samples,
            'windows' => array_map(
                static fn (array $w): array => ['from' => ClockTime::of($w[0]), 'to' => ClockTime::of($w[1]), 'why' => '5-10 ft'],
                (new ShadeDay($bank, $sun))->windows(),
            ),
        ];
    }
}
