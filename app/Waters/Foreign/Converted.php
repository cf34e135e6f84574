<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\Csv;
use App\Waters\Files\Refused;
use Closure;

/** A file of a form that is not ours, made one of ours: vectors become GeoJSON in degrees, rasters a grid of square cells, sheets lines. */
final class Converted
{
    /** Answers that are used up once places are in degrees. */
    private const OF_PLACES = ['srs' => 0, 'columns' => 0, 'order' => 0, 'west' => 0, 'kind' => 0, 'part' => 0, 'band' => 0, 'sheet' => 0];

    /**
     * Whether a file has to be made one of ours before it is read.
     *
     * @param  array<string, mixed>  $said
     */
    public static function isNeeded(string $path, array $said = []): bool
    {
        $head = (string) @file_get_contents($path, false, null, 0, 8192);

        return self::isZip($head) || Form::of($head) !== null || (isset($said['srs']) && Csv::isLike($head));
    }

    /**
     * Hands the file, made one of ours, to somebody who reads it.
     *
     * @template T
     *
     * @param  array<string, mixed>  $said
     * @param  Closure(Prepared): T  $read
     * @return T
     *
     * @throws Refused|NeedsAnswer|SeveralKinds
     */
    public static function with(string $path, array $said, Closure $read): mixed
    {
        if (! Tool::isThere()) {
            throw new Refused('Files of this form are read by the tools of GDAL, which are not installed here (Debian: gdal-bin).');
        }

        return Workplace::in(static fn (string $folder): mixed => $read(self::prepared($path, $said, $folder)));
    }

    /** @param  array<string, mixed>  $said */
    private static function prepared(string $path, array $said, string $folder): Prepared
    {
        $head = (string) file_get_contents($path, false, null, 0, 8192);
        $form = Form::of($head);
        $words = [];
        if (self::isZip($head)) {
            $sheet = Sheets::form($path);
            if ($sheet === null) {
                return self::unpacked($path, $said, $folder);
            }
            $form = $sheet;
        }
        if ($form === null) {
            return self::ours($path, $said, $folder, $words);
        }

        return self::made($form, [Workplace::lay($path, $folder, $form)], $said, $folder, $words);
    }

    /** @param  array<string, mixed>  $said */
    private static function unpacked(string $path, array $said, string $folder): Prepared
    {
        $zip = Unpacked::into($path, $folder);
        $kinds = $zip->kinds();
        if (count($kinds) > 1 && ! isset($kinds[$said['kind'] ?? ''])) {
            $keys = array_map(strval(...), array_keys($kinds));
            throw new SeveralKinds(array_combine($keys, array_map(static fn (string $k): string => Form::tryFrom($k)?->words() ?? $k, $keys)));
        }
        $kind = isset($kinds[$said['kind'] ?? '']) ? (string) $said['kind'] : (string) array_key_first($kinds);
        $left = $zip->leftOut();
        $words = $left === null ? [] : [['left out', $left]];
        $form = Form::tryFrom($kind);

        return $form === null ? self::ours("{$folder}/{$kinds[$kind][0]}", $said, $folder, [['file in the zip', $kind], ...$words]) : self::made($form, $kinds[$kind], $said, $folder, $words);
    }

    /**
     * @param  list<string>  $files
     * @param  array<string, mixed>  $said
     * @param  list<array{string, string}>  $words
     */
    private static function made(Form $form, array $files, array $said, string $folder, array $words): Prepared
    {
        $tool = new Tool($folder, $form);
        array_unshift($words, ['the file is', $form->words()]);
        if ($form->isSheet()) {
            $made = Sheets::made($tool, $form, $folder, $said, $words);

            return self::ours($made, $said, $folder, $words);
        }
        $vectors = new Vectors($tool, $form, $folder, $said);
        $rasters = new Rasters($tool, $form, $folder, $said);
        $isRaster = $form->isRaster() || ($form === Form::GeoPackage && self::isGrid($vectors, $rasters, $files));
        $one = $isRaster ? $rasters : $vectors;
        $one->words = $words;
        $made = $one->made($files);

        return new Prepared($made, $one->words, array_diff_key($said, self::OF_PLACES));
    }

    /** @param  list<string>  $files  GeoPackages hold features, grids or both; what has features is read for them */
    private static function isGrid(Vectors $vectors, Rasters $rasters, array $files): bool
    {
        foreach ($files as $file) {
            if ($vectors->layers($file) !== []) {
                return false;
            }
        }

        return array_filter($files, $rasters->hasGrid(...)) !== [];
    }

    /**
     * A file that we read ourselves; lines in another coordinate system are brought into degrees first.
     *
     * @param  array<string, mixed>  $said
     * @param  list<array{string, string}>  $words
     */
    private static function ours(string $path, array $said, string $folder, array $words): Prepared
    {
        $head = (string) file_get_contents($path, false, null, 0, 8192);
        if (! isset($said['srs']) || ! Csv::isLike($head)) {
            return new Prepared($path, $words, array_diff_key($said, ['kind' => 0, 'sheet' => 0]));
        }
        $made = ProjectedLines::made(new Tool($folder, Form::GeoJson), $path, $folder, $said);

        return new Prepared($made, [...$words, ['coordinates', "EPSG:{$said['srs']}, as you said"]], array_diff_key($said, self::OF_PLACES));
    }

    private static function isZip(string $head): bool
    {
        return str_starts_with($head, "PK\x03\x04");
    }
}
