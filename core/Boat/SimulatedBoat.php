<?php

declare(strict_types=1);

namespace OldEddy\Boat;

use DateTimeImmutable;
use DateTimeZone;
use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Speed;
use OldEddy\Basics\Units\Temperature;

/**
 * A boat that plays a track: what its instruments would send each second. For trying the reader without a boat.
 *
 * @phpstan-type Leg array{at: int, lat: float, lon: float, depth_ft: float, water_temp_f: float, wind_mph: float, wind_from_deg: float, pressure_hpa: float}
 */
final readonly class SimulatedBoat
{
    private const METRES_PER_DEGREE = 111_320.0;

    /** @param  non-empty-list<Leg>  $track  in order; "at" in seconds from the start, the values between two are drawn straight */
    public function __construct(private array $track, private DateTimeImmutable $start)
    {
    }

    /** Seconds that the track lasts. */
    public function lastsS(): int
    {
        return $this->track[count($this->track) - 1]['at'];
    }

    /** @return list<string> the sentences of one second (0 to lastsS) of the track, with checksums */
    public function sentences(int $second): array
    {
        $here = $this->at($second);
        $before = $this->at(max(0, $second - 1));
        $now = $this->start->modify("+{$second} seconds")->setTimezone(new DateTimeZone('UTC'));
        $north = ($here['lat'] - $before['lat']) * self::METRES_PER_DEGREE;
        $east = ($here['lon'] - $before['lon']) * self::METRES_PER_DEGREE * cos(deg2rad($here['lat']));
        $knots = hypot($north, $east) * 3600 / 1852;
        $course = fmod(rad2deg(atan2($east, $north)) + 360, 360);
        $position = [...self::degrees($here['lat'], 2, 'N', 'S'), ...self::degrees($here['lon'], 3, 'E', 'W')];
        $windMs = Speed::fromMph($here['wind_mph'])->metresPerSecond();
        $metres = Length::fromFeet($here['depth_ft'])->metres();
        $celsius = Temperature::fromFahrenheit($here['water_temp_f'])->celsius();
        $sentences = [
            Sentence::write(
                'GPRMC',
                [$now->format('His').'.00', 'A', ...$position, sprintf('%.1f', $knots), sprintf('%.1f', $course), $now->format('dmy'), '', '', 'A'],
            ),
            Sentence::write('SDDBT', [sprintf('%.1f', $here['depth_ft']), 'f', sprintf('%.2f', $metres), 'M', sprintf('%.1f', $metres / 1.8288), 'F']),
        ];
        if ($second % 5 === 0) {
            $sentences[] = Sentence::write('YXMTW', [sprintf('%.1f', $celsius), 'C']);
            $sentences[] = Sentence::write(
                'WIMWD',
                [sprintf('%.1f', $here['wind_from_deg']), 'T', '', 'M', sprintf('%.1f', $windMs * 3600 / 1852), 'N', sprintf('%.1f', $windMs), 'M'],
            );
        }
        if ($second % 30 === 0) {
            $sentences[] = Sentence::write('WIXDR', ['P', sprintf('%.5f', $here['pressure_hpa'] / 1000), 'B', 'BARO']);
        }

        return $sentences;
    }

    /** @return array<string, float> */
    private function at(int $second): array
    {
        $before = $this->track[0];
        foreach ($this->track as $leg) {
            if ($leg['at'] >= $second) {
                $share = $leg['at'] === $before['at'] ? 1.0 : ($second - $before['at']) / ($leg['at'] - $before['at']);

                return self::between($before, $leg, max(0.0, $share));
            }
            $before = $leg;
        }

        return array_map(floatval(...), $before);
    }

    /**
     * @param  Leg  $a
     * @param  Leg  $b
     * @return array<string, float>
     */
    private static function between(array $a, array $b, float $share): array
    {
        $made = [];
        foreach ($a as $key => $value) {
            $made[$key] = $value + $share * ($b[$key] - $value);
        }

        return $made;
    }

    /** @return array{string, string} degrees and minutes run together, and the side */
    private static function degrees(float $degrees, int $digits, string $plus, string $minus): array
    {
        // In ten-thousandths of a minute, so that rounding never writes 60 minutes.
        $parts = (int) round(abs($degrees) * 600_000);

        return [sprintf("%0{$digits}d%02d.%04d", intdiv($parts, 600_000), intdiv($parts % 600_000, 10_000), $parts % 10_000), $degrees < 0 ? $minus : $plus];
    }
}
