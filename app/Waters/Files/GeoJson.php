<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use Generator;
use JsonException;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Shoreline;

/**
 * GeoJSON, one feature at a time: outlines are shoreline, lines with a depth are depth lines, other lines tracks, points
 * spots or soundings. What was given out by this application says so by its "kind" and comes in again as it was.
 */
final class GeoJson
{
    private const MOST_FEATURE = 16_000_000;

    /** Deeper than this no feature of a map is nested. */
    private const DEEPEST = 64;

    /** Along a line of one depth places stand as near as this, metres. */
    private const DENSE_M = 10.0;

    /** Between two corners no more than so many. */
    private const MOST_STEPS = 1000;

    /** Within an outline of one depth about so many. */
    private const MOST_WITHIN = 2500;

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
        [$pairs, $numbers, $own, $unsure, $named] = [[], ['point' => [], 'line' => [], 'area' => []], false, false, false];
        foreach (self::features($path) as $n => $feature) {
            $shape = new Geometry($feature['geometry'] ?? null, $n);
            $about = self::about($feature);
            $own = $own || self::kind($about) === 'depth_grid';
            $unsure = $unsure || isset($about['depth']) && self::number($about['depth']) !== null && ! isset($about['depth_ft']) && ! isset($about['depth_m']);
            foreach ($shape->places() as $i => $pair) {
                // Some of each: a file may be long.
                if (count($pairs) < 4000 || $i === 0) {
                    $pairs[] = [$pair[0], $pair[1]];
                }
            }
            $sort = match (true) {
                $shape->lines !== [] => 'line', $shape->areas !== [] => 'area', $shape->points !== [] => 'point', default => null,
            };
            if ($sort !== null && self::kind($about) === null) {
                $named = $named || ($sort === 'point' && isset($about['name']) && self::number($about['name']) === null);
                foreach (self::candidates($about, $shape, $sort) as $name => $all) {
                    $numbers[$sort][$name] = [...($numbers[$sort][$name] ?? []), ...$all];
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
            'point' => ['points', 'spots', 'Points of this file carry numbers. What are they?', 'spots'],
            'line' => ['lines', 'track', 'Lines of this file carry numbers. What are they?', 'tracks'],
            'area' => ['areas', 'shoreline', 'Outlines of this file carry numbers. What are they?', 'shoreline and islands'],
        ] as $sort => [$key, $plain, $text, $words]) {
            if ($numbers[$sort] === [] || $own) {
                continue;
            }
            [$options, $likely] = self::offered($numbers[$sort], $sort, $plain, $words, $sort === 'point' && $named);
            $questions[] = new Question($key, $text, $options, $likely);
            $chosen = self::bare(is_string($said[$key] ?? null) ? $said[$key] : $likely);
            if (isset($numbers[$sort][$chosen])) {
                [$names[], $values] = [$chosen, [...$values, ...$numbers[$sort][$chosen]]];
            }
        }
        $kind = $names === [] ? null : DepthName::read($names[0]);
        if ($kind !== null || $unsure || $names !== []) {
            $u = $u->with(['unit' => $kind->unit ?? $unit, ...$said]);
            if ($kind?->unit === null) {
                $questions[] = Questions::unit($names === [] ? '"depth"' : "\"{$names[0]}\"", $unit);
            }
        }
        [$sign, $open] = Questions::sign($values, $kind !== null && $kind->isHeight, $kind !== null && $kind->isSure && ! $kind->isHeight && ! $kind->isBare);
        $u = $u->with(['sign' => $sign, ...$said]);

        return [
            $u, array_values(array_filter([...$questions, ...$open, ...Questions::deep($values, $u)],
                static fn (Question $q): bool => ! isset($said[$q->key]))),
        ];
    }

    /**
     * Numbers of a feature that may be its depth, by the name of the property; "z" are the heights of its points.
     *
     * @param  array<string, mixed>  $about
     * @return array<string, list<float>>
     */
    private static function candidates(array $about, Geometry $shape, string $sort): array
    {
        $found = [];
        // A place of one's own says more than its depth; what is a sounding says nothing else.
        $isSpot = $sort === 'point' && array_intersect_key($about, ['structure' => 0, 'cover' => 0, 'shallow_ft' => 0, 'deep_ft' => 0]) !== [];
        foreach ($isSpot || ($sort !== 'point' && self::depth($about) !== null) ? [] : $about as $name => $value) {
            $number = self::number($value);
            $kind = DepthName::read((string) $name);
            $isDepth = $sort === 'point' ? ($kind !== null && $kind->isSure && isset($about['name']))
                || ($kind !== null && $kind->isSure && self::depth($about) === null) || $name === 'name' : $kind !== null;
            if ($number !== null && $isDepth) {
                $found[(string) $name] = [$number];
            }
        }
        $heights = $isSpot || self::depth($about) !== null ? [] : $shape->heights();

        return $heights === [] ? $found : ['z' => $heights] + $found;
    }

    /**
     * What numbers of one sort of thing may be, and what they most likely are.
     *
     * @param  non-empty-array<string, list<float>>  $numbers
     * @return array{array<string, string>, string}
     */
    private static function offered(array $numbers, string $sort, string $plain, string $words, bool $areNamed): array
    {
        $sure = array_filter(array_keys($numbers), static fn (string $name): bool => $name === 'name' || (DepthName::read($name)->isSure ?? false));
        $options = [$plain => $words] + ($sort === 'area' ? ['leave' => 'leave them out'] : []);
        foreach ($numbers as $name => $all) {
            $called = $name === 'z' ? 'the height of each point' : "\"{$name}\"";
            $options[$name] = sprintf('%s: %s is the depth (%s to %s)', $sort === 'point' ? 'soundings' : 'depth lines', $called, min($all), max($all));
            if ($sort === 'area' && $name !== 'z') {
                $options[Understanding::WHOLE.$name] = sprintf('areas: all that lies within is as deep as %s says', $called);
            }
        }

        return [$options, $sure === [] || $areNamed ? $plain : (string) reset($sure)];
    }

    private static function bare(string $chosen): string
    {
        return str_starts_with($chosen, Understanding::WHOLE) ? substr($chosen, strlen(Understanding::WHOLE)) : $chosen;
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
            $written = $kind === null ? self::written($about, $u->points, $pair) : null;
            $depth = self::depth($about);
            $found[] = match (true) {
                $kind === 'ramp' => Found::lake(['ramp' => [$lat, $lon]]),
                $kind === 'section' && is_string($about['name'] ?? null) => Found::section($lat, $lon, mb_substr($about['name'], 0, 60)),
                $written !== null => self::sounding($lat, $lon, $written, $u),
                $depth === null || isset($about['name']) => Found::spot($lat, $lon, $about),
                default => self::sounding($lat, $lon, $depth, $u),
            };
        }
        if ($kind === 'bank' && is_numeric($about['height_ft'] ?? null)) {
            return self::banks($shape, $about, $u, $n);
        }
        foreach ($shape->lines as $line) {
            $isDepth = $line !== [] && (self::depth($about) ?? self::written($about, $u->lines, $line[0])) !== null;
            foreach ($isDepth ? self::dense($line) : $line as $i => $pair) {
                [$lat, $lon] = self::place($pair, $u, $n);
                $depth = self::depth($about) ?? self::written($about, $u->lines, $pair);
                $found[] = ! $isDepth ? Found::trackPoint($lat, $lon, $i === 0) : ($depth === null ? null : self::sounding($lat, $lon, $depth, $u));
            }
        }
        $ofAreas = $kind === null && $u->areas !== 'shoreline' && $u->areas !== 'leave';
        if ($ofAreas && str_starts_with($u->areas, Understanding::WHOLE)) {
            return array_filter([...$found, ...self::within($shape, self::written($about, self::bare($u->areas)), $u, $n)]);
        }
        foreach ($u->areas === 'leave' && $kind === null ? [] : $shape->areas as $outline) {
            $places = array_map(static fn (array $pair): array => self::place($pair, $u, $n), $outline);
            $ring = array_map(static fn (array $p): array => [$p[1], $p[0]], $places);
            if ($kind === 'section' || $kind === 'no_wake') {
                $name = mb_substr((string) ($about['name'] ?? ''), 0, 60);
                $found[] = $kind === 'no_wake' ? Found::noWake($ring) : Found::section($places[0][0], $places[0][1], $name, $ring);
            } elseif ($ofAreas && self::written($about, $u->areas, $outline[0]) !== null) {
                foreach (self::dense($outline) as $pair) {
                    $depth = self::written($about, $u->areas, $pair);
                    $found[] = $depth === null ? null : self::sounding(...[...self::place($pair, $u, $n), $depth, $u]);
                }
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

    /**
     * A line with places along its straights too: what is known of them is known along all of it.
     *
     * @param  list<array{0: float, 1: float, 2?: float}>  $line
     * @return list<array{0: float, 1: float, 2?: float}>
     */
    private static function dense(array $line): array
    {
        $dense = array_slice($line, 0, 1);
        for ($i = 1, $n = count($line); $i < $n; $i++) {
            [$a, $b] = [$line[$i - 1], $line[$i]];
            // Which of the two is the longitude is not known here: the longer way is taken.
            $metres = hypot($b[0] - $a[0], $b[1] - $a[1]) * DepthGrid::METRES_PER_DEGREE;
            $steps = min(self::MOST_STEPS, max(1, (int) ceil($metres / self::DENSE_M)));
            for ($k = 1; $k <= $steps; $k++) {
                $share = $k / $steps;
                $dense[] = isset($a[2], $b[2])
                    ? [$a[0] + $share * ($b[0] - $a[0]), $a[1] + $share * ($b[1] - $a[1]), $a[2] + $share * ($b[2] - $a[2])]
                    : [$a[0] + $share * ($b[0] - $a[0]), $a[1] + $share * ($b[1] - $a[1])];
            }
        }

        return $dense;
    }

    /**
     * Places within outlines of one depth, holes left out; the outline among them.
     *
     * @param  array{string, float}|null  $depth
     * @return list<?Found>
     */
    private static function within(Geometry $shape, ?array $depth, Understanding $u, int $n): array
    {
        if ($depth === null || $shape->areas === []) {
            return [];
        }
        $turned = static fn (array $p): array => array_reverse(self::place($p, $u, $n));
        $rings = array_map(static fn (array $ring): array => array_map($turned, $ring), $shape->areas);
        [$lons, $lats] = [array_column(array_merge(...$rings), 0), array_column(array_merge(...$rings), 1)];
        $high = (max($lats) - min($lats)) * DepthGrid::METRES_PER_DEGREE;
        $perLon = DepthGrid::METRES_PER_DEGREE * max(0.05, cos(deg2rad(max($lats))));
        $step = max(self::DENSE_M, sqrt($high * (max($lons) - min($lons)) * $perLon / self::MOST_WITHIN));
        $found = [];
        for ($lat = min($lats) + $step / 2 / DepthGrid::METRES_PER_DEGREE; $lat < max($lats); $lat += $step / DepthGrid::METRES_PER_DEGREE) {
            for ($lon = min($lons) + $step / 2 / $perLon; $lon < max($lons); $lon += $step / $perLon) {
                if (count(array_filter($rings, static fn (array $ring): bool => Shoreline::holds($ring, [$lon, $lat]))) % 2 === 1) {
                    $found[] = self::sounding($lat, $lon, $depth, $u);
                }
            }
        }

        return $found;
    }

    /** @param  array{string, float}  $depth  how it is measured, and how much */
    private static function sounding(float $lat, float $lon, array $depth, Understanding $u): ?Found
    {
        [$unit, $written] = $depth;
        $feet = match ($unit) {
            'ft', 'm' => $written * Understanding::FEET_PER[$unit],
            default => $u->feet($written),
        };

        return $feet === null || ($u->leaves && Understanding::isTooDeep($feet)) ? null : Found::sounding($lat, $lon, $feet);
    }

    /**
     * @param  array{0: float, 1: float, 2?: float}  $pair
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
            $number = self::number($about[$key] ?? null);
            if ($number !== null) {
                return [$unit, $number];
            }
        }

        return null;
    }

    /**
     * A depth as the property of that name says it, or the height of a point.
     *
     * @param  array<string, mixed>  $about
     * @param  array{0: float, 1: float, 2?: float}|null  $pair
     * @return array{string, float}|null
     */
    private static function written(array $about, string $name, ?array $pair = null): ?array
    {
        if ($name === 'z' && isset($pair[2])) {
            return ['said', $pair[2]];
        }
        $number = self::number($about[$name] ?? null);

        return $number === null ? null : ['said', $number];
    }

    /** A number, also one that stands as text with its unit behind it. */
    private static function number(mixed $value): ?float
    {
        return match (true) {
            is_numeric($value) && is_finite((float) $value) => (float) $value,
            is_string($value) && preg_match('/^\s*(-?\d+(?:[.,]\d+)?)\s*(?:ft|feet|foot|\'|m|met(?:er|re)s?)?\.?\s*$/i', $value, $m) === 1 => (float) str_replace(',', '.', $m[1]),
            default => null,
        };
    }
}
