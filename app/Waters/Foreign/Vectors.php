<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\Refused;

/** Points, lines and outlines of another form, made one collection of features in degrees. */
final class Vectors
{
    /** Features that are read of one file. */
    private const MOST_FEATURES = 400_000;

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    /** @var list<array{string, string}> what was understood, in words */
    public array $words = [];

    /** @param  array<string, mixed>  $said */
    public function __construct(private readonly Tool $tool, private readonly Form $form, private readonly string $folder, private readonly array $said)
    {
    }

    /**
     * @param  list<string>  $files
     * @return string the path of a feature collection
     */
    public function made(array $files): string
    {
        $made = "{$this->folder}/made.geojson";
        $to = fopen($made, 'wb');
        if ($to === false) {
            throw new Refused('There is no room to read this file in.');
        }
        fwrite($to, '{"type":"FeatureCollection","features":[');
        $total = 0;
        foreach ($files as $at => $file) {
            foreach ($this->layers($file) as $n => $layer) {
                $count = $this->layer($file, $layer, "out-{$at}-{$n}.geojsons", $to, $total);
                $this->words[] = ['layer', "{$layer}: ".number_format($count).' features'];
                $total += $count;
            }
        }
        fwrite($to, ']}');
        fclose($to);
        if ($total === 0) {
            throw new Refused("This is {$this->form->words()}, and there is nothing in it.");
        }

        return $made;
    }

    /** @return list<string> the layers of a file */
    public function layers(string $file): array
    {
        preg_match_all('/^\d+: (.+?)(?: \([^()]*\))?$/m', $this->tool->run('ogrinfo', ['-ro', "./{$file}"]), $found);
        $layers = array_map(trim(...), $found[1]);
        foreach ($layers as $layer) {
            // A tool would take such a name for something that it is told to do.
            if (str_starts_with($layer, '-') || str_starts_with($layer, '@')) {
                throw new Refused("The file has a layer called \"{$layer}\". Rename it so that it begins with a letter.");
            }
        }

        return $layers;
    }

    /** @param  resource  $to */
    private function layer(string $file, string $layer, string $out, $to, int $before): int
    {
        $told = $this->tool->run('ogrinfo', ['-ro', '-so', "./{$file}", $layer]);
        if (preg_match('/^Feature Count: (\d+)/m', $told, $many) === 1 && $before + (int) $many[1] > self::MOST_FEATURES) {
            throw new Refused(sprintf('The file has more than %s features. Part it into several files.', number_format(self::MOST_FEATURES)));
        }
        $this->tool->run('ogr2ogr', [
            '-f', 'GeoJSONSeq', '-t_srs', 'EPSG:4326', ...$this->system($told), '-nlt', 'CONVERT_TO_LINEAR', '-limit', (string) (self::MOST_FEATURES + 1), '-lco', 'RS=NO',
            '-lco', 'COORDINATE_PRECISION=8', "./{$out}", "./{$file}", $layer,
        ]);
        $count = 0;
        foreach (self::linesOf("{$this->folder}/{$out}") as $line) {
            $feature = json_decode($line, true);
            if (is_array($feature) && ($feature['geometry'] ?? null) !== null) {
                fwrite($to, ($before + $count === 0 ? '' : ",\n").json_encode(self::ours($feature), self::JSON));
                $count++;
            }
        }
        unlink("{$this->folder}/{$out}");
        if ($before + $count > self::MOST_FEATURES) {
            throw new Refused(sprintf('The file has more than %s features. Part it into several files.', number_format(self::MOST_FEATURES)));
        }

        return $count;
    }

    /** @return list<string> how to tell in which coordinate system a layer is, where it does not say so itself or the angler knows better */
    private function system(string $told): array
    {
        preg_match('/^Extent: \((-?[\d.e+]+), (-?[\d.e+]+)\) - \((-?[\d.e+]+), (-?[\d.e+]+)\)/m', $told, $box);
        $known = preg_match('/^Layer SRS WKT:\s*\n\(unknown\)/m', $told) !== 1;
        preg_match('/^Layer SRS WKT:\s*\n\w+\["([^"]+)"/m', $told, $name);

        return Systems::of($known ? ($name[1] ?? 'its own') : null, array_map(floatval(...), array_slice($box, 1)), $this->said, $this->words);
    }

    /**
     * A feature as our reader takes it: a name is called name.
     *
     * @param  array<string, mixed>  $feature
     * @return array<string, mixed>
     */
    private static function ours(array $feature): array
    {
        $about = is_array($feature['properties'] ?? null) ? array_filter($feature['properties'], static fn (mixed $v): bool => $v !== null && $v !== '') : [];
        // What says of itself to be one of ours may not come this way: it would be believed.
        unset($about['kind'], $about['dock']);
        if (isset($about['Name']) && ! isset($about['name'])) {
            $about['name'] = $about['Name'];
            unset($about['Name']);
        }

        return ['type' => 'Feature', 'properties' => $about === [] ? null : $about, 'geometry' => $feature['geometry']];
    }

    /** @return iterable<string> lines however long: a feature is one */
    private static function linesOf(string $path): iterable
    {
        $file = fopen($path, 'rb');
        while ($file !== false && ($line = fgets($file)) !== false) {
            yield ltrim($line, "\x1e");
        }
        if ($file !== false) {
            fclose($file);
        }
    }
}
