<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use Generator;
use OldEddy\Lake\Contours;
use XMLWriter;

/** A lake as a file: GPX waypoints and tracks, GeoJSON with spots, shoreline, sections and contours, CSV of the grid's depths. What goes out comes in again. */
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
        foreach ($lake->tracks ?? [] as $track) {
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

    public static function geoJson(Lake $lake): string
    {
        $features = array_map(static fn (array $ring): array => ['type' => 'Feature', 'properties' => ['kind' => 'shoreline'], 'geometry' => ['type' => 'Polygon', 'coordinates' => [$ring]]], $lake->shoreline ?? []);
        foreach ($lake->spots as $spot) {
            $features[] = ['type' => 'Feature', 'properties' => ['name' => $spot->name] + array_filter($spot->only([...array_diff(LakeSpot::FIELDS, ['lat', 'lon']), 'dock']), static fn (mixed $v): bool => $v !== null), 'geometry' => ['type' => 'Point', 'coordinates' => [$spot->lon, $spot->lat]]];
        }

        foreach ($lake->sections ?? [] as $section) {
            $features[] = ['type' => 'Feature', 'properties' => ['kind' => 'section', 'name' => $section['name']], 'geometry' => ['type' => 'Point', 'coordinates' => [$section['lon'], $section['lat']]]];
        }
        $grid = $lake->workingGrid();
        foreach ($grid === null ? [] : self::CONTOURS_FT as $depth) {
            $lines = Contours::at($grid, $depth);
            if ($lines !== []) {
                $features[] = ['type' => 'Feature', 'properties' => ['kind' => 'contour', 'depth_ft' => $depth], 'geometry' => ['type' => 'MultiLineString', 'coordinates' => $lines]];
            }
        }

        return json_encode(['type' => 'FeatureCollection', 'features' => $features], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** Depths of the lake's own grid, line by line. */
    public static function csv(Lake $lake): Generator
    {
        yield "lon,lat,depth_ft\n";
        $grid = $lake->grid === null ? null : PackedGrid::unpack($lake->grid);
        for ($row = 0; $grid !== null && $row < $grid->rows; $row++) {
            $lines = '';
            for ($col = 0; $col < $grid->cols; $col++) {
                if ($grid->isWater($col, $row)) {
                    [$lat, $lon] = $grid->position($col, $row);
                    $lines .= sprintf("%.6f,%.6f,%.1f\n", $lon, $lat, $grid->cell($col, $row));
                }
            }
            yield $lines;
        }
    }
}
