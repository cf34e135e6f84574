<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use Generator;
use JsonException;

/**
 * GeoJSON, one feature at a time: outlines are shoreline, lines with a depth are depth lines, other lines tracks, points
 * spots or soundings. What was given out by this application says so by its "kind" and comes in again as it was.
 */
final class GeoJson
{
    private const MOST_FEATURE = 16_000_000;

    /** Deeper than this no feature of a map is nested. */
    private const DEEPEST = 64;

    /** So many features are looked at for the names of depths. */
    private const LOOKED_AT = 20_000;

    /**
     * How the file is to be read, with what it leaves open.
     *
     * @param  array<string, mixed>  $said
     * @return array{Understanding, list<Question>}
     */
    public static function look(string $path, array $said, Home $home, string $unit): array
    {
        [$pairs, $numbers, $own, $unsure] = [[], ['line' => [], 'area' => []], false, false];
        foreach (self::features($path) as $n => $feature) {
            $shape = new Geometry($feature['geometry'] ?? null, $n);
            $about = self::about($feature);
            $own = $own || self::kind($about) === 'depth_grid';
            $unsure = $unsure || isset($about['depth']) && is_numeric($about['depth']) && ! isset($about['depth_ft']) && ! isset($about['depth_m']);
            foreach ($shape->places() as $i => $pair) {
                // Some of each: a file may be long.
                if (count($pairs) < 4000 || $i === 0) {
                    $pairs[] = $pair;
                }
            }
            $sort = $shape->lines !== [] ? 'line' : ($shape->areas !== [] ? 'area' : null);
            if ($sort !== null && self::depth($about) === null && self::kind($about) === null) {
                foreach ($about as $name => $value) {
                    if (is_numeric($value) && DepthName::read((string) $name) !== null) {
                        $numbers[$sort][(string) $name][] = (float) $value;
                    }
                }
            }
            if ($n >= self::LOOKED_AT) {
                break;
            }
        }
        [$order, $questions] = $pairs === [] ? ['lonlat', []] : Questions::order($pairs, $home, true);
        $u = (new Understanding('geojson', order: $order, unit: $unit))->with($said);
        [$names, $values] = [[], []];
        foreach ([
            'line' => ['lines', 'track', 'Lines of this file carry numbers. What are they?', 'tracks'],
            'area' => ['areas', 'shoreline', 'Outlines of this file carry numbers. What are they?', 'shoreline and islands'],
        ] as $sort => [$key, $plain, $text, $words]) {
            if ($numbers[$sort] === [] || $own) {
                continue;
            }
            $sure = array_filter(array_keys($numbers[$sort]), static fn (string $name): bool => DepthName::read($name)->isSure ?? false);
            $options = [$plain => $words] + ($sort === 'area' ? ['leave' => 'leave them out'] : []);
            foreach ($numbers[$sort] as $name => $all) {
                $options[$name] = sprintf('depth lines: "%s" is the depth (%s to %s)', $name, min($all), max($all));
            }
            $likely = $sure === [] ? $plain : reset($sure);
            $questions[] = new Question($key, $text, $options, $likely);
            $chosen = is_string($said[$key] ?? null) ? $said[$key] : $likely;
            if (isset($numbers[$sort][$chosen])) {
                [$names[], $values] = [$chosen, [...$values, ...$numbers[$sort][$chosen]]];
            }
        }
        $kind = $names === [] ? null : DepthName::read($names[0]);
        if ($kind !== null || $unsure) {
            $u = $u->with(['unit' => $kind->unit ?? $unit, ...$said]);
            if ($kind?->unit === null) {
                $questions[] = Questions::unit($names === [] ? '"depth"' : "\"{$names[0]}\"", $unit);
            }
        }
        [$sign, $open] = Questions::sign($values, $kind !== null && $kind->isHeight);

        return [
            $u->with(['sign' => $sign, ...$said]),
            array_values(array_filter([...$questions, ...$open], static fn (Question $q): bool => ! isset($said[$q->key]))),
        ];
    }

    /** @return Generator<int, Found> */
    public static function read(string $path, Understanding $u): Generator
    {
        $own = false;
        foreach (self::features($path) as $n => $feature) {
            $own = $own || self::kind(self::about($feature)) === 'depth_grid';
            // Depth lines drawn from the grid that stands in the same file say nothing new, and less exactly.
            if ($own && self::kind(self::about($feature)) === 'contour') {
                continue;
            }
            foreach (self::found($feature, $n, $u) as $found) {
                yield $found;
            }
        }
    }

    /** @return Generator<int, array<string, mixed>> features by number, counted from 1 */
    private static function features(string $path): Generator
    {
        $number = 0;
        foreach (self::objects(Lines::open($path)) as $text) {
            $number++;
            try {
                $feature = json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
            } catch (JsonException $e) {
                throw new Refused("Feature {$number} is no valid JSON: {$e->getMessage()}.");
            }
            yield $number => is_array($feature) ? $feature : [];
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
            throw new Refused('The file is no GeoJSON feature collection. A single feature or geometry: put it into a list called "features".');
        }
        if (preg_match('/"crs"/', substr($head, 0, (int) $m[0][1])) === 1 && preg_match('/CRS84|4326/', substr($head, 0, (int) $m[0][1])) !== 1) {
            throw new Refused('The file names another coordinate system; only degrees of WGS 84 (CRS84, EPSG:4326) are read. Save it again in that system.');
        }
        $rest = substr($head, (int) $m[0][1] + strlen($m[0][0]));
        [$object, $depth, $inText, $escaped] = ['', 0, false, false];
        while (true) {
            for ($i = 0, $length = strlen($rest); $i < $length;) {
                // Up to the next sign that can matter, all of it is text of the object.
                $step = $inText ? strcspn($rest, '"\\', $i) : strcspn($rest, '"{}]', $i);
                if ($escaped) {
                    $step = 0;
                }
                if ($depth > 0) {
                    $object .= substr($rest, $i, $step + 1);
                }
                $i += $step;
                if ($i < $length) {
                    $c = $rest[$i++];
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
                }
                if (strlen($object) > self::MOST_FEATURE) {
                    throw new Refused(sprintf('One feature of the file is larger than %d MB.', self::MOST_FEATURE / 1_000_000));
                }
            }
            if (feof($file)) {
                throw new Refused('The file ends in the middle of a feature.');
            }
            $rest = (string) fread($file, 65536);
        }
    }

    /**
     * @param  array<string, mixed>  $feature
     * @return iterable<Found>
     */
    private static function found(array $feature, int $n, Understanding $u): iterable
    {
        $about = self::about($feature);
        $kind = self::kind($about);
        if ($kind === 'depth_grid') {
            return [Found::rows(OwnGrid::read($about, $n))];
        }
        if ($kind === 'lake') {
            return [Found::lake($about)];
        }
        $shape = new Geometry($feature['geometry'] ?? null, $n);
        if ($shape->isEmpty()) {
            throw new Refused("Feature {$n} has no coordinates that are read: it is a {$shape->type}.");
        }
        $found = [];
        foreach ($shape->points as $pair) {
            [$lat, $lon] = self::place($pair, $u, $n);
            $depth = self::depth($about);
            $found[] = match (true) {
                $kind === 'ramp' => Found::lake(['ramp' => [$lat, $lon]]),
                $kind === 'section' && is_string($about['name'] ?? null) => Found::section($lat, $lon, mb_substr($about['name'], 0, 60)),
                $depth === null || isset($about['name']) => Found::spot($lat, $lon, $about),
                default => self::sounding($lat, $lon, $depth, $u),
            };
        }
        if ($kind === 'bank' && is_numeric($about['height_ft'] ?? null)) {
            return self::banks($shape, $about, $u, $n);
        }
        foreach ($shape->lines as $line) {
            $depth = self::depth($about) ?? self::written($about, $u->lines);
            foreach ($line as $i => $pair) {
                [$lat, $lon] = self::place($pair, $u, $n);
                $found[] = $depth === null ? Found::trackPoint($lat, $lon, $i === 0) : self::sounding($lat, $lon, $depth, $u);
            }
        }
        $depth = $kind !== null || $u->areas === 'shoreline' ? null : self::written($about, $u->areas);
        foreach ($u->areas === 'leave' && $kind === null ? [] : $shape->areas as $outline) {
            $places = array_map(static fn (array $pair): array => self::place($pair, $u, $n), $outline);
            $ring = array_map(static fn (array $p): array => [$p[1], $p[0]], $places);
            if ($kind === 'section' || $kind === 'no_wake') {
                $name = mb_substr((string) ($about['name'] ?? ''), 0, 60);
                $found[] = $kind === 'no_wake' ? Found::noWake($ring) : Found::section($places[0][0], $places[0][1], $name, $ring);
            } elseif ($depth !== null) {
                array_push($found, ...array_map(static fn (array $p): ?Found => self::sounding($p[0], $p[1], $depth, $u), $places));
            } else {
                $found[] = Found::ring($ring);
            }
        }

        return array_filter($found);
    }

    /**
     * @param  array<string, mixed>  $about
     * @return list<Found>
     */
    private static function banks(Geometry $shape, array $about, Understanding $u, int $n): array
    {
        return array_map(static fn (array $line): Found => Found::bank(
            array_map(static fn (array $pair): array => array_reverse(self::place($pair, $u, $n)), $line),
            max(0.0, min(1000.0, (float) $about['height_ft'])), is_numeric($about['setback_ft'] ?? null) ? max(0.0, min(1000.0, (float) $about['setback_ft'])) : 0.0,
        ), array_values(array_filter($shape->lines)));
    }

    /** @param  array{string, float}  $depth  how it is measured, and how much */
    private static function sounding(float $lat, float $lon, array $depth, Understanding $u): ?Found
    {
        [$unit, $written] = $depth;
        $feet = match ($unit) {
            'ft', 'm' => $written * Understanding::FEET_PER[$unit],
            default => $u->feet($written),
        };

        return $feet === null ? null : Found::sounding($lat, $lon, $feet);
    }

    /**
     * @param  array{float, float}  $pair
     * @return array{float, float} latitude, longitude
     */
    private static function place(array $pair, Understanding $u, int $n): array
    {
        [$lat, $lon] = $u->place($pair);
        if (abs($lon) > 180 || abs($lat) > 90) {
            throw new Refused("Feature {$n} lies at {$pair[0]}, {$pair[1]}: ".Questions::noPlace($lon, $lat));
        }

        return [$lat, $lon];
    }

    /**
     * @param  array<string, mixed>  $feature
     * @return array<string, mixed>
     */
    private static function about(array $feature): array
    {
        return is_array($feature['properties'] ?? null) ? $feature['properties'] : [];
    }

    /** @param  array<string, mixed>  $about */
    private static function kind(array $about): ?string
    {
        return is_string($about['kind'] ?? null) && in_array(
            $about['kind'],
            ['shoreline', 'section', 'contour', 'track', 'ramp', 'depth_grid', 'lake', 'no_wake', 'bank'],
            true,
        ) ? $about['kind'] : null;
    }

    /**
     * A depth that says what it is.
     *
     * @param  array<string, mixed>  $about
     * @return array{string, float}|null
     */
    private static function depth(array $about): ?array
    {
        foreach (['depth_ft' => 'ft', 'depth_m' => 'm', 'depth' => 'said'] as $key => $unit) {
            if (is_numeric($about[$key] ?? null)) {
                return [$unit, (float) $about[$key]];
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $about
     * @return array{string, float}|null
     */
    private static function written(array $about, string $name): ?array
    {
        return is_numeric($about[$name] ?? null) ? ['said', (float) $about[$name]] : null;
    }
}
