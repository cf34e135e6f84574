<?php

declare(strict_types=1);

namespace Tests\Feature;

use ZipArchive;

/** Files made by hand that try to have another file of the server read. */
final class HostileFiles
{
    /**
     * A GeoTIFF of small whole numbers at 36.9, -80.1.
     *
     * @param  string  $metadata  items of its own metadata, as XML
     * @param  string  $pixels  16 bytes
     */
    public static function tiff(string $metadata = '', string $pixels = '0123456789abcdef'): string
    {
        $xml = "<GDALMetadata>{$metadata}</GDALMetadata>\0";
        $parts = [
            33550 => [12, pack('e3', 0.001, 0.001, 0)], 33922 => [12, pack('e6', 0, 0, 0, -80.1, 36.9, 0)],
            34735 => [3, pack('v*', 1, 1, 0, 3, 1024, 0, 1, 2, 1025, 0, 1, 1, 2048, 0, 1, 4326)], 42112 => [2, $xml],
        ];
        $entries = [256 => [3, 4], 257 => [3, 4], 258 => [3, 8], 259 => [3, 1], 262 => [3, 1], 277 => [3, 1], 278 => [3, 4], 279 => [4, 16], 339 => [3, 1]];
        $count = count($entries) + count($parts) + 1;
        $at = 8 + 2 + 12 * $count + 4;
        $body = '';
        $tags = [];
        foreach ($parts as $tag => [$type, $bytes]) {
            $size = [2 => 1, 3 => 2, 12 => 8][$type];
            $tags[$tag] = pack('vvVV', $tag, $type, intdiv(strlen($bytes), $size), $at + strlen($body));
            $body .= $bytes;
        }
        foreach ($entries as $tag => [$type, $value]) {
            $tags[$tag] = pack('vvV', $tag, $type, 1).($type === 3 ? pack('vv', $value, 0) : pack('V', $value));
        }
        $tags[273] = pack('vvVV', 273, 4, 1, $at + strlen($body));
        ksort($tags);

        return 'II*'."\0".pack('V', 8).pack('v', $count).implode('', $tags).pack('V', 0).$body.$pixels;
    }

    /** A classic netCDF file of one grid of bytes, whose variable is called as somebody likes. */
    public static function netCdf(string $variable): string
    {
        $name = static fn (string $n): string => pack('N', strlen($n)).str_pad($n, 4 * (int) ceil(strlen($n) / 4), "\0");
        $head = "CDF\x01".pack('N', 0).pack('NN', 10, 2).$name('y').pack('N', 4).$name('x').pack('N', 4).pack('NN', 0, 0).pack('NN', 11, 1).$name($variable).pack('NNN', 2, 0, 1).pack('NN', 0, 0).pack('NN', 1, 16);

        return $head.pack('N', strlen($head) + 4).'0123456789abcdef';
    }

    /** @param  array<string, string>  $files  bodies by name */
    public static function zip(array $files, string $linked = ''): string
    {
        $path = sys_get_temp_dir().'/hostile-'.bin2hex(random_bytes(6)).'.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        foreach ($files as $name => $body) {
            $zip->addFromString($name, $body);
            if ($name === $linked) {
                $zip->setExternalAttributesName($name, ZipArchive::OPSYS_UNIX, 0120777 << 16);
            }
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** A TIFF whose pixels are bytes of another file, told by a sparse virtual file. */
    public static function sparse(string $head, string $of): string
    {
        $tiff = strlen(self::tiff()) - 16;

        return '<VSISparseFile><Length>'.($tiff + 16)."</Length><SubfileRegion><Filename relative=\"0\">{$head}</Filename><DestinationOffset>0</DestinationOffset><SourceOffset>0</SourceOffset><RegionLength>{$tiff}</RegionLength></SubfileRegion>"
            ."<SubfileRegion><Filename relative=\"0\">{$of}</Filename><DestinationOffset>{$tiff}</DestinationOffset><SourceOffset>0</SourceOffset><RegionLength>16</RegionLength></SubfileRegion></VSISparseFile>";
    }
}
