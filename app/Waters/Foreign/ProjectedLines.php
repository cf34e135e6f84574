<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\Csv;
use App\Waters\Files\Refused;

/** Lines of numbers in another coordinate system, made lines in degrees; the depth keeps its name and is written as it was. */
final class ProjectedLines
{
    /** Lines that are brought into degrees at once. */
    private const AT_ONCE = 100_000;

    /** @param  array<string, mixed>  $said */
    public static function made(Tool $tool, string $path, string $folder, array $said): string
    {
        $made = "{$folder}/made.csv";
        $to = fopen($made, 'wb');
        if ($to === false) {
            throw new Refused('There is no room to read this file in.');
        }
        fputcsv($to, ['lon', 'lat', Csv::depthName($path, $said) ?? 'depth'], escape: '');
        $piece = [];
        foreach (Csv::triples($path, $said) as $triple) {
            $piece[] = $triple;
            if (count($piece) === self::AT_ONCE) {
                fwrite($to, self::moved($tool, $piece, (string) $said['srs']));
                $piece = [];
            }
        }
        fwrite($to, $piece === [] ? '' : self::moved($tool, $piece, (string) $said['srs']));
        fclose($to);

        return $made;
    }

    /** @param  non-empty-list<array{float, float, float}>  $triples  east, north, depth as it is written */
    private static function moved(Tool $tool, array $triples, string $srs): string
    {
        $input = implode("\n", array_map(static fn (array $t): string => sprintf('%.8f %.8f', $t[0], $t[1]), $triples))."\n";
        $said = explode("\n", trim($tool->run('gdaltransform', ['-s_srs', "EPSG:{$srs}", '-t_srs', 'EPSG:4326', '-output_xy'], $input)));
        if (count($said) !== count($triples)) {
            throw new Refused('These places cannot be brought into degrees: is the EPSG number right?');
        }

        return implode('', array_map(static function (string $line, array $t): string {
            [$first, $second] = sscanf($line, '%f %f') ?: [null, null];

            return $first === null || $second === null ? '' : sprintf("%.8f,%.8f,%.6g\n", $first, $second, $t[2]);
        }, $said, $triples));
    }
}
