<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;
use XMLReader;

/** Waypoints of a GPX file as spots, tracks and routes as tracks. Read piece by piece; entities and the network stay shut. */
final class Gpx
{
    /** @return Generator<int, Found> */
    public static function read(string $path): Generator
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
                    yield self::waypoint($xml);
                } elseif ($xml->localName === 'trkseg' || $xml->localName === 'rte') {
                    $first = true;
                } elseif ($xml->localName === 'trkpt' || $xml->localName === 'rtept') {
                    yield Found::trackPoint(...[...self::position($xml), $first]);
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

    private static function waypoint(XMLReader $xml): Found
    {
        [$lat, $lon] = self::position($xml);
        $name = '';
        $depth = $xml->depth;
        while (! $xml->isEmptyElement && $xml->read() && $xml->depth > $depth) {
            if ($xml->nodeType === XMLReader::ENTITY_REF) {
                throw new Refused('The file declares a document type or entities, which GPX has no use for: refused.');
            }
            if ($xml->nodeType === XMLReader::ELEMENT && $xml->localName === 'name') {
                $name = mb_substr(trim($xml->readString()), 0, 80);
            }
        }

        return Found::spot($lat, $lon, ['name' => $name]);
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
