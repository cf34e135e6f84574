<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** A file kept in the database byte by byte as it came, in deflated pieces, so that any application server can hand it over. */
final readonly class Pieces
{
    private const BYTES = 1_000_000;

    private function __construct(private string $table, private string $column, private int $of)
    {
    }

    public static function ofLayer(int $layer): self
    {
        return new self('layer_parts', 'layer_id', $layer);
    }

    public static function ofArchive(int $archive): self
    {
        return new self('archive_parts', 'archive_id', $archive);
    }

    /**
     * Puts a file away.
     *
     * @param  resource  $file  open to be read; closed when it is kept
     * @return int how many bytes it has
     */
    public function keep($file): int
    {
        $bytes = 0;
        for ($part = 0; ! feof($file); $part++) {
            $piece = (string) stream_get_contents($file, self::BYTES);
            $bytes += strlen($piece);
            DB::table($this->table)->insert([$this->column => $this->of, 'part' => $part, 'body' => gzdeflate($piece, 1)]);
        }
        fclose($file);

        return $bytes;
    }

    /** @return iterable<string> the file, piece by piece */
    public function each(): iterable
    {
        for ($part = 0; ($body = $this->rows()->where('part', $part)->value('body')) !== null; $part++) {
            yield (string) gzinflate($body);
        }
    }

    /**
     * Hands the file on disk to somebody who reads it, and takes it away afterwards.
     *
     * @template T
     *
     * @param  Closure(string): T  $read
     * @return T
     */
    public function with(Closure $read): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'old-eddy-file');
        try {
            $file = fopen($path, 'wb');
            foreach ($file === false ? [] : $this->each() as $piece) {
                fwrite($file, $piece);
            }
            if ($file !== false) {
                fclose($file);
            }

            return $read($path);
        } finally {
            unlink($path);
        }
    }

    public function drop(): void
    {
        $this->rows()->delete();
    }

    private function rows(): Builder
    {
        return DB::table($this->table)->where($this->column, $this->of);
    }
}
