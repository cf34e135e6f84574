<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Lake;
use App\Models\Layer;
use App\Models\User;
use App\Waters\GiveOut;
use App\Waters\LayerFile;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RuntimeException;
use ZipArchive;

/** Everything of an angler in one archive (G6): JSON Lines with their schemas, and what others read: CSV, GPX, GeoJSON. Row by row, whatever there is of it. */
final class WritesArchive
{
    private const ROWS = 500;

    private int $done = 0;

    /** @param  Closure(int, int): void  $told  how many rows are done, of how many */
    public function __construct(private readonly User $angler, private readonly Closure $told)
    {
    }

    public function to(string $path): void
    {
        $folder = $path.'.parts';
        File::deleteDirectory($folder);
        File::makeDirectory("{$folder}/schemas", 0700, true);
        try {
            $this->giveNames();
            $counts = array_map(fn (Kept $kept): int => $this->rows($kept)->count(), Kept::all());
            $all = array_sum($counts);
            $files = [];
            foreach (Kept::all() as $name => $kept) {
                $files["{$name}.jsonl"] = $this->lines($kept, "{$folder}/{$name}.jsonl", $all);
                $this->json("{$folder}/schemas/{$name}.json", Schema::of($kept));
            }
            $this->json("{$folder}/settings.json", $this->angler->only(['name', 'units', 'schools', 'limits', 'own_success', 'lure_names']));
            $log = fopen("{$folder}/log.csv", 'wb');
            $files['log.csv'] = (new LogCsv($this->angler))->write($log);
            fclose($log);
            $files += $this->lakes($folder) + $this->layers($folder);
            $this->json("{$folder}/manifest.json", Manifest::of($this->angler, $files));
            $this->zip($folder, $path);
            ($this->told)($all, $all);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** What is known again by a name of its own gets one, so that taking it in twice changes nothing. */
    private function giveNames(): void
    {
        foreach (['trips', 'box_items'] as $table) {
            foreach (DB::table($table)->where('user_id', $this->angler->id)->whereNull('ask')->pluck('id') as $id) {
                DB::table($table)->where('id', $id)->whereNull('ask')->update(['ask' => (string) Str::uuid()]);
            }
        }
    }

    private function rows(Kept $kept): Builder
    {
        $rows = DB::table($kept->table);

        return match ($kept->of) {
            'user_id' => $rows->where("{$kept->table}.user_id", $this->angler->id),
            'lake_id' => $rows->whereIn("{$kept->table}.lake_id", DB::table('lakes')->where('user_id', $this->angler->id)->select('id')),
            default => $rows->whereIn("{$kept->table}.trip_id", DB::table('trips')->where('user_id', $this->angler->id)->select('id')),
        };
    }

    /** @return int how many */
    private function lines(Kept $kept, string $path, int $all): int
    {
        $columns = Column::of($kept);
        $file = fopen($path, 'wb');
        $n = 0;
        // A lake's grid is large: those come one at a time.
        $atOnce = array_filter($columns, static fn (Column $c): bool => $c->isBytes()) === [] ? self::ROWS : 1;
        foreach ($this->rows($kept)->select(array_keys($columns))->lazyById($atOnce, $kept->order()) as $row) {
            $out = [];
            foreach ($columns as $name => $column) {
                $out[$name] = $column->out($row->{$name});
            }
            fwrite($file, json_encode($out, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)."\n");
            $n++;
            if (++$this->done % self::ROWS === 0) {
                ($this->told)($this->done, $all);
            }
        }
        fclose($file);

        return $n;
    }

    /** @return array<string, int> what other programs read of each lake: marks and tracks, depths, all of it */
    private function lakes(string $folder): array
    {
        $files = [];
        File::makeDirectory("{$folder}/lakes", 0700, true);
        foreach (DB::table('lakes')->where('user_id', $this->angler->id)->orderBy('id')->pluck('id') as $id) {
            $lake = Lake::query()->findOrFail($id);
            foreach (['gpx' => [GiveOut::gpx($lake)], 'geojson' => GiveOut::geoJson($lake), 'csv' => GiveOut::csv($lake)] as $form => $pieces) {
                $file = fopen("{$folder}/lakes/{$id}.{$form}", 'wb');
                foreach ($pieces as $piece) {
                    fwrite($file, $piece);
                }
                fclose($file);
                $files["lakes/{$id}.{$form}"] = 1;
            }
        }

        return $files;
    }

    /** @return array<string, int> the files that lakes were made of, as they came */
    private function layers(string $folder): array
    {
        $files = [];
        File::makeDirectory("{$folder}/layers", 0700, true);
        foreach ($this->rows(Kept::all()['layers'])->orderBy('id')->pluck('id') as $id) {
            LayerFile::with(Layer::query()->findOrFail($id), static fn (string $path): bool => copy($path, "{$folder}/layers/{$id}"));
            $files["layers/{$id}"] = 1;
        }

        return $files;
    }

    /** @param  array<string, mixed>  $what */
    private function json(string $path, array $what): void
    {
        file_put_contents($path, json_encode($what, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");
    }

    private function zip(string $folder, string $path): void
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        foreach (File::allFiles($folder) as $file) {
            $zip->addFile($file->getPathname(), $file->getRelativePathname());
        }
        if (! $zip->close()) {
            throw new RuntimeException('The archive could not be written: '.$zip->getStatusString());
        }
    }
}
