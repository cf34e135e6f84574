<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use Generator;
use XMLReader;

/** Waypoints of a GPX file as spots, tracks and routes as tracks. Read piece by piece; entities and the network stay shut. */
final class Gpx
{
    /** No lake is deeper, metres: heights beyond are those of the ground. */
    private const DEEPEST_M = 120.0;

    /**
     * How the file is to be read: a height of a point may be that of the ground, or how deep it is there.
     *
     * @param  array<string, mixed>  $said
     * @return array{Understanding, list<Question>}
     */
    public static function look(string $path, array $said): array
    {
        [$heights, $points, $depths] = [[], 0, 0];
        foreach (self::points($path) as $point) {
            $points++;
            $depths += $point['depth'] === null ? 0 : 1;
            if ($point['ele'] !== null) {
                $heights[] = $point['ele'];
            }
        }
        $questions = [];
        $vary = $heights !== [] && max($heights) > min($heights);
        if ($depths === 0 && $vary && 10 * count($heights) >= 9 * $points && max(abs(min($heights)), abs(max($heights))) <= self::DEEPEST_M) {
            $questions[] = new Question('heights', sprintf('The points have heights from %s to %s m. What are they?', min($heights), max($heights)), [
                'leave' => 'heights of the ground: leave them', 'depth' => 'depths', 'minus' => 'depths, with a minus under water',
            ], min($heights) < 0 ? 'minus' : 'leave');
        }
        if ($depths > 0) {
            $questions[] = Questions::unit('The depths', 'm');
        }

        return [
            (new Understanding('gpx', unit: 'm'))->with($said), array_filter($questions, static fn (Question $q): bool => ! isset($said[$q->key])),
        ];
    }

    /** @return Generator<int, Found> */
    public static function read(string $path, Understanding $u): Generator
    {
        foreach (self::points($path) as $point) {
            $depth = $point['depth'] ?? match ($u->heights) {
                'depth' => $point['ele'], 'minus' => $point['ele'] === null ? null : -$point['ele'], default => null,
            };
            $feet = $depth === null || $depth < 0 ? null : $u->feet($depth);
            if ($point['first'] !== null) {
                yield Found::trackPoint($point['lat'], $point['lon'], $point['first']);
            } elseif ($feet === null || $point['name'] !== '') {
                yield Found::spot($point['lat'], $point['lon'], ['name' => $point['name']]);
            }
            if ($feet !== null && ! Understanding::isTooDeep($feet)) {
                yield Found::sounding($point['lat'], $point['lon'], $feet);
            }
        }
    }

    /** @return Generator<int, array{lat: float, lon: float, name: string, ele: ?float, depth: ?float, first: ?bool}> "first" of a way, null for a mark */
    private static function points(string $path): Generator
    {
        $xml = new XMLReader;
        $before = libxml_use_internal_errors(true);
        try {
            if (is_dir($path) || ! @$xml->open($path, null, LIBXML_NONET)) {
                throw new Refused('The file cannot be read as XML.');
            }
            $seen = false;
            $first = false;
            while ($xml->read()) {
                if ($xml->nodeType === XMLReader::DOC_TYPE || $xml->nodeType === XMLReader::ENTITY_REF) {
                    throw new Refused('The file declares a document type or entities, which GPX has no use for: refused.');
                }
                if ($xml->nodeType !== XMLReader::ELEMENT) {
                    continue;
                }
                $seen = $seen || $xml->localName === 'gpx';
                if (! $seen) {
                    throw new Refused("The file begins with <{$xml->localName}>, not with <gpx>.");
                }
                if ($xml->localName === 'wpt') {
                    yield self::point($xml) + ['first' => null];
                } elseif ($xml->localName === 'trkseg' || $xml->localName === 'rte') {
                    $first = true;
                } elseif ($xml->localName === 'trkpt' || $xml->localName === 'rtept') {
                    yield self::point($xml) + ['first' => $first];
                    $first = false;
                }
            }
            $error = libxml_get_last_error();
            if (! $seen || $error !== false) {
                throw new Refused($error === false ? 'There is no <gpx> in the file.' : "The XML is broken at line {$error->line}: ".trim($error->message));
            }
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    /** @return array{lat: float, lon: float, name: string, ele: ?float, depth: ?float} */
    private static function point(XMLReader $xml): array
    {
        [$lat, $lon] = self::position($xml);
        $point = ['lat' => $lat, 'lon' => $lon, 'name' => '', 'ele' => null, 'depth' => null];
        $depth = $xml->depth;
        while (! $xml->isEmptyElement && $xml->read() && $xml->depth > $depth) {
            if ($xml->nodeType === XMLReader::ENTITY_REF) {
                throw new Refused('The file declares a document type or entities, which GPX has no use for: refused.');
            }
            if ($xml->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->localName === 'name') {
                $point['name'] = mb_substr(trim($xml->readString()), 0, 80);
            } elseif ($xml->localName === 'ele' || preg_match('/^(water_?)?depth$/i', $xml->localName) === 1) {
                $text = trim($xml->readString());
                $point[$xml->localName === 'ele' ? 'ele' : 'depth'] = is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
            }
        }

        return $point;
    }

    /** @return array{float, float} latitude, longitude */
    private static function position(XMLReader $xml): array
    {
        [$lat, $lon] = [$xml->getAttribute('lat'), $xml->getAttribute('lon')];
        if (! is_numeric($lat) || ! is_numeric($lon) || abs((float) $lat) > 90 || abs((float) $lon) > 180) {
            throw new Refused("A point of the file has no latitude and longitude: {$lat}, {$lon}.");
        }

        return [(float) $lat, (float) $lon];
    }
}
