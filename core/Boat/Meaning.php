<?php

declare(strict_types=1);

namespace OldEddy\Boat;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Speed;
use OldEddy\Basics\Units\Temperature;

/**
 * What a sentence says in the core's units. Basis: published, NMEA 0183 field orders (from memory; held against an
 * independent library in the tests).
 */
final class Meaning
{
    private const KNOT_M_S = 1852 / 3600;

    /** @return array<string, float> by key of Quantity; empty for a sentence that says nothing of use */
    public static function of(Sentence $s): array
    {
        /** @var array<string, ?float> $told */
        $told = match ($s->type) {
            'RMC' => $s->text(1) === 'A' ? [...self::position($s, 2), 'speed_mph' => self::knots($s->number(6)), 'course_deg' => $s->number(7)] : [],
            'GGA' => ($s->number(5) ?? 0.0) > 0 ? self::position($s, 1) : [],
            'GLL' => $s->text(5) !== 'V' ? self::position($s, 0) : [],
            'VTG' => ['course_deg' => $s->number(0), 'speed_mph' => self::knots($s->number(4))],
            'HDT' => ['heading_deg' => $s->number(0)],
            'HDG' => ['heading_deg' => self::trueHeading($s)],
            'VHW' => ['heading_deg' => $s->text(1) === 'T' ? $s->number(0) : null],
            // The offset is above the transducer when positive: depth from the surface, when negative from the keel.
            'DPT' => ['depth_ft' => self::metres($s->number(0) === null ? null : $s->number(0) + max(0.0, $s->number(1) ?? 0.0))],
            'DBT', 'DBS' => ['depth_ft' => self::metres($s->number(2)) ?? $s->number(0)],
            'MTW' => ['water_temp_f' => $s->number(0) === null ? null : Temperature::fromCelsius($s->number(0))->fahrenheit()],
            'MWD' => ['wind_from_deg' => $s->number(0), 'wind_mph' => self::metresPerSecond($s->number(6)) ?? self::knots($s->number(4))],
            'MDA' => [
                'pressure_hpa' => $s->number(2) === null ? null : $s->number(2) * 1000,
                'water_temp_f' => $s->number(6) === null ? null : Temperature::fromCelsius($s->number(6))->fahrenheit(),
                'wind_from_deg' => $s->number(12), 'wind_mph' => self::metresPerSecond($s->number(18)) ?? self::knots($s->number(16)),
            ],
            'XDR' => self::transducers($s),
            default => [],
        };

        return array_filter($told, static fn (?float $value): bool => $value !== null);
    }

    /**
     * The instant that a sentence tells: date YYYY-MM-DD where it has one, seconds of the UTC day; null without a clock.
     *
     * @return array{?string, float}|null
     */
    public static function clock(Sentence $s): ?array
    {
        $field = match ($s->type) {
            'RMC', 'GGA', 'ZDA' => 0,
            'GLL' => 4,
            default => null,
        };
        if ($field === null || preg_match('/^([01]\d|2[0-3])([0-5]\d)([0-5]\d(?:\.\d+)?)$/', $s->text($field), $t) !== 1) {
            return null;
        }
        $date = null;
        if ($s->type === 'RMC' && preg_match('/^(\d\d)(\d\d)(\d\d)$/', $s->text(8), $d) === 1 && checkdate((int) $d[2], (int) $d[1], 2000 + (int) $d[3])) {
            $date = "20{$d[3]}-{$d[2]}-{$d[1]}";
        } elseif ($s->type === 'ZDA' && checkdate((int) $s->text(2), (int) $s->text(1), max(1, (int) $s->text(3)))) {
            $date = sprintf('%04d-%02d-%02d', $s->text(3), $s->text(2), $s->text(1));
        }

        return [$date, (int) $t[1] * 3600 + (int) $t[2] * 60 + (float) $t[3]];
    }

    /**
     * Wind as it is felt on deck: degrees clockwise from the bow, mph, and whether the boat's own way is already taken out
     * of it; null for any other sentence.
     *
     * @return array{float, float, bool}|null
     */
    public static function windOverBow(Sentence $s): ?array
    {
        if ($s->type !== 'MWV' || $s->text(4) !== 'A' || $s->number(0) === null || $s->number(2) === null) {
            return null;
        }
        $metresPerSecond = match ($s->text(3)) {
            'N' => $s->number(2) * self::KNOT_M_S,
            'K' => $s->number(2) / 3.6,
            'M' => $s->number(2),
            default => null,
        };

        return $metresPerSecond === null ? null : [$s->number(0), Speed::fromMetresPerSecond($metresPerSecond)->mph(), $s->text(1) === 'T'];
    }

    /** A compass heading with deviation and variation put in; null while the variation is unknown. */
    private static function trueHeading(Sentence $s): ?float
    {
        $signed = static fn (int $at): ?float => $s->number($at) === null ? null : $s->number($at) * ($s->text($at + 1) === 'W' ? -1 : 1);
        $variation = $signed(3);

        return $s->number(0) === null || $variation === null ? null : fmod($s->number(0) + ($signed(1) ?? 0.0) + $variation + 360, 360);
    }

    /** @return array{lat: ?float, lon: ?float} */
    private static function position(Sentence $s, int $first): array
    {
        $lat = self::degrees($s->text($first), $s->text($first + 1), 'N', 'S');
        $lon = self::degrees($s->text($first + 2), $s->text($first + 3), 'E', 'W');

        return $lat === null || $lon === null ? ['lat' => null, 'lon' => null] : ['lat' => $lat, 'lon' => $lon];
    }

    /** Degrees and minutes run together, such as 3654.123. */
    private static function degrees(string $text, string $side, string $plus, string $minus): ?float
    {
        if (preg_match('/^(\d{1,3})(\d\d(?:\.\d+)?)$/', $text, $m) !== 1 || ! in_array($side, [$plus, $minus], true) || (float) $m[2] >= 60) {
            return null;
        }

        return ($side === $minus ? -1 : 1) * ((int) $m[1] + (float) $m[2] / 60);
    }

    /** @return array<string, ?float> pressure among the transducers, in bar or pascal */
    private static function transducers(Sentence $s): array
    {
        for ($i = 0; $i + 2 < count($s->fields); $i += 4) {
            if ($s->text($i) === 'P' && $s->number($i + 1) !== null) {
                return ['pressure_hpa' => $s->number($i + 1) * ($s->text($i + 2) === 'B' ? 1000 : 0.01)];
            }
        }

        return [];
    }

    private static function knots(?float $knots): ?float
    {
        return $knots === null ? null : self::metresPerSecond($knots * self::KNOT_M_S);
    }

    private static function metresPerSecond(?float $metresPerSecond): ?float
    {
        return $metresPerSecond === null ? null : Speed::fromMetresPerSecond($metresPerSecond)->mph();
    }

    private static function metres(?float $metres): ?float
    {
        return $metres === null ? null : Length::fromMetres($metres)->feet();
    }
}
