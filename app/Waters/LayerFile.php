<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Layer;
use App\Waters\Files\Refused;
use Closure;
use Illuminate\Support\Facades\DB;

/** The file of a layer, kept byte by byte as it came, in deflated pieces. */
final class LayerFile
{
    private const PIECE = 1_000_000;

    /** Puts a file away as the body of a layer. */
    public static function keep(Layer $layer, string $path): void
    {
        $file = is_dir($path) ? false : @fopen($path, 'rb');
        if ($file === false) {
            throw new Refused(file_exists($path) ? "The file {$path} cannot be read." : "There is no file {$path}.");
        }
        $bytes = 0;
        for ($part = 0; ! feof($file); $part++) {
            $piece = (string) stream_get_contents($file, self::PIECE);
            $bytes += strlen($piece);
            DB::table('layer_parts')->insert(['layer_id' => $layer->id, 'part' => $part, 'body' => gzdeflate($piece, 1)]);
        }
        fclose($file);
        $layer->update(['bytes' => $bytes]);
    }

    /**
     * Hands the file on disk to somebody who reads it, and takes it away afterwards.
     *
     * @template T
     *
     * @param  Closure(string): T  $read
     * @return T
     */
    public static function with(Layer $layer, Closure $read): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'layer');
        try {
            $file = fopen($path, 'wb');
            $parts = DB::table('layer_parts')->where('layer_id', $layer->id);
            for ($part = 0; $file !== false && ($body = $parts->clone()->where('part', $part)->value('body')) !== null; $part++) {
                fwrite($file, (string) gzinflate($body));
            }
            if ($file !== false) {
                fclose($file);
            }

            return $read($path);
        } finally {
            unlink($path);
        }
    }
}
