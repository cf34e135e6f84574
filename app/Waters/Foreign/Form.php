<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

/** The forms of files that the geospatial library reads for us: its driver, how such a file ends in a zip, and whether it is a raster. */
enum Form: string
{
    case Kml = 'KML';
    case Shapefile = 'ESRI Shapefile';
    case GeoPackage = 'GPKG';
    case GeoTiff = 'GTiff';
    case AsciiGrid = 'AAIGrid';
    case NetCdf = 'netCDF';
    case GeoJson = 'GeoJSON';

    /** How the bytes of a file begin. */
    private const BEGINS = [
        "II*\0" => self::GeoTiff, "MM\0*" => self::GeoTiff, "II+\0" => self::GeoTiff, "MM\0+" => self::GeoTiff, 'SQLite format 3' => self::GeoPackage,
        'CDF' => self::NetCdf, "\x89HDF" => self::NetCdf,
    ];

    /** A zip is known by what lies in it. */
    private const ENDS = [
        'shp' => self::Shapefile, 'kml' => self::Kml, 'gpkg' => self::GeoPackage, 'tif' => self::GeoTiff, 'tiff' => self::GeoTiff, 'asc' => self::AsciiGrid,
        'nc' => self::NetCdf,
    ];

    /** The form of a file by its first bytes; null where it is none of these. */
    public static function of(string $head): ?self
    {
        foreach (self::BEGINS as $begins => $form) {
            if (str_starts_with($head, (string) $begins)) {
                return $form;
            }
        }

        return match (true) {
            preg_match('/<kml[\s>]/i', substr($head, 0, 2000)) === 1 => self::Kml,
            preg_match('/^\s*ncols\s+\d/i', $head) === 1 => self::AsciiGrid,
            // One of ours, or in degrees of the world, is read by our own reader.
            preg_match('/^\s*\{/', $head) === 1 && preg_match('/"crs"\s*:/', $head) === 1 && preg_match('/CRS84|EPSG:+4326\b/', $head) !== 1 => self::GeoJson,
            default => null,
        };
    }

    /** The form of a file by the end of its name. */
    public static function ofEnd(string $end): ?self
    {
        return self::ENDS[strtolower($end)] ?? null;
    }

    public function isRaster(): bool
    {
        return in_array($this, [self::GeoTiff, self::AsciiGrid, self::NetCdf], true);
    }

    /**
     * The drivers that may be loaded for it: its own, and those of what is written.
     *
     * @return list<string>
     */
    public function drivers(): array
    {
        return [$this->value, ...($this === self::Kml ? ['LIBKML'] : []), ...($this->isRaster() ? ['ENVI', 'MEM'] : ['GeoJSONSeq', 'Memory'])];
    }

    public function words(): string
    {
        return match ($this) {
            self::Kml => 'KML', self::Shapefile => 'a shapefile', self::GeoPackage => 'a GeoPackage', self::GeoTiff => 'a GeoTIFF', self::AsciiGrid => 'an ASCII grid',
            self::NetCdf => 'netCDF', self::GeoJson => 'GeoJSON in another coordinate system',
        };
    }
}
