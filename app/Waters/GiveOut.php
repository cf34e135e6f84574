<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Waters\Files\OwnGrid;
use Generator;
use OldEddy\Where\Lake\Contours;
use OldEddy\Where\Lake\Shoreline;
use XMLWriter;

/**
 * A lake as a file: GPX marks and tracks, CSV of the depths, or all of it as GeoJSON. The GeoJSON comes in again as it was,
 * cell by cell.
 */
final class GiveOut
{
    private const CONTOURS_FT = [2, 5, 10, 15, 20, 25, 30, 40, 50];

    public static function gpx(Lake $lake): string
    {
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('gpx');
        $xml->writeAttribute('version', '1.1');
        $xml->writeAttribute('creator', 'Old Eddy');
        $xml->writeAttribute('xmlns', 'http://www.topografix.com/GPX/1/1');
        foreach ($lake->spots as $spot) {
            $xml->startElement('wpt');
            $xml->writeAttribute('lat', sprintf('%.6f', $spot->lat));
            $xml->writeAttribute('lon', sprintf('%.6f', $spot->lon));
            $xml->writeElement('name', $spot->name);
            $xml->writeElement('desc', trim(str_replace('_', ' ', implode(', ', array_filter([$spot->structure, ...$spot->cover])))));
            $xml->endElement();
        }
        foreach ($lake->allTracks() as $track) {
            $xml->startElement('trk');
            $xml->startElement('trkseg');
            foreach ($track as [$lon, $lat]) {
                $xml->startElement('trkpt');
                $xml->writeAttribute('lat', sprintf('%.6f', $lat));
                $xml->writeAttribute('lon', sprintf('%.6f', $lon));
                $xml->endElement();
            }
            $xml->endElement();
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** @return Generator<int, string> the file in pieces */
    public static function geoJson(Lake $lake, bool $withSpots = true): Generator
    {
        $box = self::box($lake, $withSpots);
        yield '{"type":"FeatureCollection",'.($box === null ? '' : '"bbox":'.self::json($box).',').'"features":[';
        $first = true;
        foreach (self::features($lake, $withSpots) as [$about, $geometry]) {
            yield ($first ? '' : ",\n").self::json(['type' => 'Feature', 'properties' => $about, 'geometry' => $geometry]);
            $first = false;
        }
        yield ']}';
    }

    /** @return Generator<int, string> depths of the lake's own grid, line by line */
    public static function csv(Lake $lake): Generator
    {
        yield "lon,lat,depth_ft\n";
        $grid = $lake->fullGrid();
        for ($row = 0; $grid !== null && $row < $grid->rows; $row++) {
            $lines = '';
            for ($col = 0; $col < $grid->cols; $col++) {
                if ($grid->isWater($col, $row)) {
                    [$lat, $lon] = $grid->position($col, $row);
                    $lines .= sprintf("%.7f,%.7f,%.2f\n", $lon, $lat, (float) $grid->cell($col, $row));
                }
            }
            yield $lines;
        }
    }

    /** @return Generator<int, array{array<string, mixed>, ?array<string, mixed>}> properties and geometry */
    private static function features(Lake $lake, bool $withSpots): Generator
    {
        yield [['kind' => 'lake', 'name' => $lake->name, 'dropped' => $lake->dropped ?? [], 'depths' => 'feet below the reference level'], null];
        $grid = $lake->fullGrid();
        foreach ($grid === null ? [] : OwnGrid::write($grid) as $rows) {
            yield [$rows, null];
        }
        foreach (Shoreline::polygons($lake->shoreline ?? []) as $polygon) {
            yield [['kind' => 'shoreline'], ['type' => 'Polygon', 'coordinates' => $polygon]];
        }
        foreach ($lake->sections ?? [] as $section) {
            yield [['kind' => 'section', 'name' => $section['name']], isset($section['ring'])
                ? ['type' => 'Polygon', 'coordinates' => Shoreline::polygons([$section['ring']])[0]]
                : ['type' => 'Point', 'coordinates' => [$section['lon'], $section['lat']]]];
        }
        foreach ($lake->no_wake ?? [] as $ring) {
            yield [['kind' => 'no_wake'], ['type' => 'Polygon', 'coordinates' => Shoreline::polygons([$ring])[0]]];
        }
        foreach ($lake->banks ?? [] as $bank) {
            yield [['kind' => 'bank', 'height_ft' => $bank['height_ft'], 'setback_ft' => $bank['setback_ft']], ['type' => 'LineString', 'coordinates' => $bank['line']]];
        }
        if ($lake->ramp_lat !== null) {
            yield [['kind' => 'ramp'], ['type' => 'Point', 'coordinates' => [$lake->ramp_lon, $lake->ramp_lat]]];
        }
        foreach ($lake->allTracks() as $track) {
            yield [['kind' => 'track'], ['type' => 'LineString', 'coordinates' => $track]];
        }
        foreach ($withSpots ? $lake->spots : [] as $spot) {
            yield [
                ['name' => $spot->name] + array_filter(
                    $spot->only([...array_diff(LakeSpot::FIELDS, ['lat', 'lon']), 'dock']),
                    static fn (mixed $v): bool => $v !== null,
                ),
                ['type' => 'Point', 'coordinates' => [$spot->lon, $spot->lat]],
            ];
        }
        $working = $withSpots ? $lake->workingGrid() : null;
        foreach ($working === null ? [] : self::CONTOURS_FT as $depth) {
            $lines = Contours::at($working, $depth);
            if ($lines !== []) {
                yield [['kind' => 'contour', 'depth_ft' => $depth], ['type' => 'MultiLineString', 'coordinates' => $lines]];
            }
        }
    }

    /** @return ?array{float, float, float, float} west, south, east, north of all that is given out */
    private static function box(Lake $lake, bool $withSpots): ?array
    {
        $places = [
            ...array_merge(...($lake->shoreline ?? [])),
            ...array_merge(...($lake->tracks ?? [])),
            ...($withSpots ? $lake->spots->map(static fn (LakeSpot $s): array => [$s->lon, $s->lat])->all() : []),
        ];
        $grid = $lake->workingGrid();
        if ($grid !== null) {
            array_push(
                $places,
                ...array_map(static fn (array $at): array => array_reverse($grid->position(...$at)), [[0, 0], [$grid->cols - 1, $grid->rows - 1]]),
            );
        }

        return $places === [] ? null : [
            min(array_column($places, 0)), min(array_column($places, 1)), max(array_column($places, 0)), max(array_column($places, 1)),
        ];
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
