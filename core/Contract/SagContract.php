<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Basics\Units\Speed;
use OldEddy\Troll\Sag;
use OldEddy\Troll\Towed;
use OldEddy\Troll\TrollLine;

/** The depth of a towed line as plain arrays, as docs/schema/sag.out.json describes it. */
final class SagContract
{
    private const REQUIRED = ['let_out_ft' => [1, 2000, 'ft'], 'speed_mph' => [0.05, 20, 'mph']];

    private const LINE = ['diameter_mm' => [0.05, 10, 'mm'], 'density_kg_m3' => [500, 12000, 'kg/m³'], 'cd_normal' => [0, 5, ''], 'cd_tangential' => [0, 1, '']];

    private const LURE = ['weight_in_water_oz' => [-20, 500, 'oz'], 'drag_area_cm2' => [0, 10000, 'cm²'], 'down_force_n' => [0, 5000, 'N']];

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<string, mixed>
     *
     * @throws InvalidInput with every problem found
     */
    public static function answer(array $in): array
    {
        $fields = Fields::of($in);
        $given = self::numbers($fields, self::REQUIRED);
        foreach (array_keys(self::REQUIRED) as $key) {
            if ($fields->take($key) === null) {
                $fields->problem($key, 'is required.');
            }
        }
        $tip = $fields->number('rod_tip_ft', 0, 100, 'ft') ?? 0.0;
        $water = $fields->number('water_density_kg_m3', 900, 1100, 'kg/m³') ?? Sag::FRESH_KG_M3;
        $usual = TrollLine::usual();
        $line = self::part($fields, 'line', self::LINE) + ['diameter_mm' => $usual->diameterMm, 'density_kg_m3' => $usual->densityKgM3, 'cd_normal' => $usual->across, 'cd_tangential' => $usual->along];
        $lure = self::part($fields, 'lure', self::LURE) + ['weight_in_water_oz' => 0.0, 'drag_area_cm2' => 0.0, 'down_force_n' => 0.0];
        $fields->finish();
        $sag = Sag::of(
            $given['let_out_ft'], Speed::fromMph($given['speed_mph']), $tip,
            new TrollLine($line['diameter_mm'], $line['density_kg_m3'], $line['cd_normal'], $line['cd_tangential']),
            new Towed($lure['weight_in_water_oz'], $lure['drag_area_cm2'], downN: $lure['down_force_n']), $water,
        );

        return ['depth_ft' => round($sag->depthFt, 3), 'back_ft' => round($sag->backFt, 3), 'tension_n' => round($sag->tensionN, 4), 'shape' => $sag->shape];
    }

    /**
     * @param  array<string, array{float|int, float|int, string}>  $limits
     * @return array<string, float>
     */
    private static function part(Fields $fields, string $key, array $limits): array
    {
        $part = $fields->object($key);
        if ($part === null) {
            return [];
        }
        $numbers = self::numbers($part, $limits);
        $part->refuseOthers();

        return $numbers;
    }

    /**
     * @param  array<string, array{float|int, float|int, string}>  $limits
     * @return array<string, float> those that were given
     */
    private static function numbers(Fields $fields, array $limits): array
    {
        $numbers = [];
        foreach ($limits as $key => $limit) {
            $numbers[$key] = $fields->number($key, ...$limit);
        }

        return array_filter($numbers, static fn (?float $v): bool => $v !== null);
    }
}
