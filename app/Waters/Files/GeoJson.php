<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;
use JsonException;
use OldEddy\Units\Length;

/** GeoJSON, one feature at a time: polygons are shoreline, lines with a depth are contours, points are spots or soundings. */
final class GeoJson
{
    private const MOST_FEATURE = 4_000_000;

    private const DEPTHS = ['depth_ft', 'depth_m', 'depth'];

    /** @return Generator<int, Found> */
    public static function read(string $path): Generator
    {
        $file = fopen($path, 'rb');
        if ($file === false) {
            throw new Refused('The file cannot be read.');
        }
        $number = 0;
        foreach (self::objects($file) as $text) {
            $number++;
            try {
                $feature = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
            } catch (JsonException $e) {
                throw new Refused("Feature {$number} is no valid JSON: {$e->getMessage()}.");
            }
            yield from self::feature($feature, $number);
        }
        if ($number === 0) {
            throw new Refused('There are no features in the file.');
        }
    }

    /**
     * The texts of the objects in the "features" list, found by counting brackets outside of strings.
     *
     * @param  resource  $file
     * @return Generator<int, string>
     */
    private static function objects($file): Generator
    {
        $head = '';
        do {
            $head .= (string) fread($file, 65536);
            $found = preg_match('/"features"\s*:\s*\[/', $head, $m, PREG_OFFSET_CAPTURE) === 1;
        } while (! $found && ! feof($file) && strlen($head) < 1_000_000);
        if (! $found) {
            throw new Refused('The file is no GeoJSON feature collection.');
        }
        if (preg_match('/"crs"/', substr($head, 0, (int) $m[0][1])) === 1 && preg_match('/CRS84|4326/', substr($head, 0, (int) $m[0][1])) !== 1) {
            throw new Refused('The file names another coordinate system; only degrees of WGS 84 (CRS84, EPSG:4326) are read.');
        }
        $rest = substr($head, (int) $m[0][1] + strlen($m[0][0]));
        [$object, $depth, $inText, $escaped] = ['', 0, false, false];
        while (true) {
            for ($i = 0, $length = strlen($rest); $i < $length; $i++) {
                $c = $rest[$i];
                if ($depth > 0) {
                    $object .= $c;
                }
                if ($inText) {
                    $inText = $escaped || $c !== '"';
                    $escaped = ! $escaped && $c === '\\';
                } elseif ($c === '"') {
                    $inText = true;
                } elseif ($c === '{') {
                    $object = $depth++ === 0 ? '{' : $object;
                } elseif ($c === '}' && --$depth === 0) {
                    yield $object;
                    $object = '';
                } elseif ($c === ']' && $depth === 0) {
                    return;
                }
                if (strlen($object) > self::MOST_FEATURE) {
                    throw new Refused('One feature of the file is larger than 4 MB.');
                }
            }
            if (feof($file)) {
                throw new Refused('The file ends in the middle of a feature.');
            }
            $rest = (string) fread($file, 65536);
        }
    }

    /** @return Generator<int, Found> */
    private static function feature(mixed $feature, int $number): Generator
    {
        $type = $feature['geometry']['type'] ?? null;
        $points = $feature['geometry']['coordinates'] ?? null;
        $about = is_array($feature['properties'] ?? null) ? $feature['properties'] : [];
        $depth = self::depth($about);
        if (! is_array($points)) {
            throw new Refused("Feature {$number} has no coordinates.");
        }
        foreach (match ($type) {
            'Point' => ($about['kind'] ?? null) === 'section' && is_string($about['name'] ?? null) ? [Found::section(...[...array_reverse(self::pair($points, $number)), mb_substr($about['name'], 0, 60)])] : ($depth === null || isset($about['name']) ? [Found::spot(...[...array_reverse(self::pair($points, $number)), $about])] : [Found::sounding(...[...array_reverse(self::pair($points, $number)), $depth])]),
            'LineString' => $depth === null ? self::track($points, $number) : array_map(static fn (mixed $p): Found => Found::sounding(...[...array_reverse(self::pair($p, $number)), $depth]), $points),
            'MultiLineString' => $depth === null ? [] : array_map(static fn (mixed $p): Found => Found::sounding(...[...array_reverse(self::pair($p, $number)), $depth]), array_merge(...$points)),
            'Polygon' => self::rings($points, $number),
            'MultiPolygon' => array_merge(...array_map(static fn (mixed $p): array => self::rings($p, $number), $points)),
            default => throw new Refused("Feature {$number} is a ".(is_string($type) ? $type : 'thing without a type').', which is not read.'),
        } as $found) {
            yield $found;
        }
    }

    /** @return list<Found> */
    private static function track(mixed $points, int $number): array
    {
        return array_map(static fn (mixed $p, int $n): Found => Found::trackPoint(...[...array_reverse(self::pair($p, $number)), $n === 0]), array_values($points), array_keys(array_values($points)));
    }

    /** @return list<Found> */
    private static function rings(mixed $rings, int $number): array
    {
        return array_map(static fn (mixed $ring): Found => Found::ring(array_map(static fn (mixed $p): array => self::pair($p, $number), is_array($ring) ? array_values($ring) : [])), is_array($rings) ? array_values($rings) : []);
    }

    /** @return array{float, float} longitude, latitude */
    private static function pair(mixed $point, int $number): array
    {
        if (! is_array($point) || ! is_numeric($point[0] ?? null) || ! is_numeric($point[1] ?? null)) {
            throw new Refused("Feature {$number} has a point that is no pair of numbers.");
        }
        [$lon, $lat] = [(float) $point[0], (float) $point[1]];
        if (abs($lon) > 180 || abs($lat) > 90) {
            throw new Refused("Feature {$number} lies at {$lon}, {$lat}: ".(abs($lon) <= 90 && abs($lat) <= 180 ? 'longitude comes first in GeoJSON, the two seem to be exchanged.' : 'these are no degrees; only WGS 84 is read.'));
        }

        return [$lon, $lat];
    }

    /** @param  array<string, mixed>  $about */
    private static function depth(array $about): ?float
    {
        foreach (self::DEPTHS as $key) {
            if (is_numeric($about[$key] ?? null)) {
                return $key === 'depth_ft' ? (float) $about[$key] : Length::fromMetres((float) $about[$key])->feet();
            }
        }

        return null;
    }
}
