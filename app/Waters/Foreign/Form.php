<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

/** The forms of files that the geospatial library reads for us: its driver, how such a file begins, how its name ends, whether it is a raster. */
enum Form: string
{
    case Kml = 'KML';
    case Shapefile = 'ESRI Shapefile';
    case GeoPackage = 'GPKG';
    case GeoTiff = 'GTiff';
    case AsciiGrid = 'AAIGrid';
    case NetCdf = 'netCDF';
    case GeoJson = 'GeoJSON';
    case GeoJsonLines = 'GeoJSONSeq';
    case Gml = 'GML';
    case FlatGeobuf = 'FlatGeobuf';
    case Dxf = 'DXF';
    case SurferText = 'GSAG';
    case SurferBinary = 'GSBG';
    case Surfer7 = 'GS7BG';
    case Excel = 'XLSX';
    case OpenSheet = 'ODS';

    /** How the bytes of a file begin. */
    private const BEGINS = [
        "II*\0" => self::GeoTiff, "MM\0*" => self::GeoTiff, "II+\0" => self::GeoTiff, "MM\0+" => self::GeoTiff, 'SQLite format 3' => self::GeoPackage,
        'CDF' => self::NetCdf, "\x89HDF" => self::NetCdf, 'fgb' => self::FlatGeobuf, 'DSAA' => self::SurferText, 'DSBB' => self::SurferBinary,
        'DSRB' => self::Surfer7,
    ];

    /** How names end, in a zip; the first is the name a file gets here. */
    private const ENDS = [
        'KML' => ['kml'], 'ESRI Shapefile' => ['shp'], 'GPKG' => ['gpkg'], 'GTiff' => ['tif', 'tiff'], 'AAIGrid' => ['asc'], 'netCDF' => ['nc'], 'GeoJSON' => ['geojson'],
        'GeoJSONSeq' => ['geojsons', 'geojsonl'], 'GML' => ['gml'], 'FlatGeobuf' => ['fgb'], 'DXF' => ['dxf'], 'GSAG' => ['grd'], 'GSBG' => ['grd'], 'GS7BG' => ['grd'],
        'XLSX' => ['xlsx'], 'ODS' => ['ods'],
    ];

    /** The form of a file by its first bytes; null where it is none of these. */
    public static function of(string $head): ?self
    {
        foreach (self::BEGINS as $begins => $form) {
            if (str_starts_with($head, (string) $begins)) {
                return $form;
            }
        }
        $start = substr($head, 0, 2000);

        return match (true) {
            preg_match('/<kml[\s>]/i', $start) === 1 => self::Kml,
            preg_match('/^\s*</', $start) === 1 && preg_match('~opengis\.net/gml~', $start) === 1 => self::Gml,
            preg_match('/^\s*ncols\s+\d/i', $head) === 1 => self::AsciiGrid,
            preg_match('/^\s*(999\s*\r?\n[^\n]*\r?\n\s*)*0\s*\r?\n\s*SECTION\s/', $head) === 1 => self::Dxf,
            preg_match('/^\x1e?\s*\{\s*"type"\s*:\s*"Feature"\s*,/', $head) === 1 => self::GeoJsonLines,
            // One of ours, or in degrees of the world, is read by our own reader.
            preg_match('/^\s*\{/', $head) === 1 && preg_match('/"crs"\s*:/', $head) === 1 && preg_match('/CRS84|EPSG:+4326\b/', $head) !== 1 => self::GeoJson,
            default => null,
        };
    }

    /** Whether a name in a zip ends like one of this form. */
    public function isNamed(string $end): bool
    {
        return in_array(strtolower($end), self::ENDS[$this->value], true);
    }

    /** How a file of this form is called here. */
    public function ending(): string
    {
        return self::ENDS[$this->value][0];
    }

    public function isRaster(): bool
    {
        return in_array($this, [self::GeoTiff, self::AsciiGrid, self::NetCdf, self::SurferText, self::SurferBinary, self::Surfer7], true);
    }

    public function isSheet(): bool
    {
        return $this === self::Excel || $this === self::OpenSheet;
    }

    /**
     * The drivers that may be loaded for it: its own, and those of what is written.
     *
     * @return list<string>
     */
    public function drivers(): array
    {
        return [$this->value, ...match (true) {
            $this === self::Kml => ['LIBKML', 'GeoJSONSeq', 'Memory'],
            $this === self::GeoJsonLines => ['GeoJSON', 'Memory'],
            $this === self::GeoPackage => ['GeoJSONSeq', 'Memory', 'ENVI'],
            $this->isRaster() => ['ENVI'],
            $this->isSheet() => ['CSV', 'Memory'],
            default => ['GeoJSONSeq', 'Memory'],
        }];
    }

    public function words(): string
    {
        return match ($this) {
            self::Kml => 'KML', self::Shapefile => 'a shapefile', self::GeoPackage => 'a GeoPackage', self::GeoTiff => 'a GeoTIFF', self::AsciiGrid => 'an ASCII grid',
            self::NetCdf => 'netCDF', self::GeoJson => 'GeoJSON in another coordinate system', self::GeoJsonLines => 'GeoJSON, a feature a line', self::Gml => 'GML',
            self::FlatGeobuf => 'FlatGeobuf', self::Dxf => 'a DXF drawing', self::SurferText, self::SurferBinary, self::Surfer7 => 'a GRD grid',
            self::Excel, self::OpenSheet => 'a spreadsheet',
        };
    }
}
