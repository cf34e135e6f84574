<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Layer;
use App\Models\Pieces;
use App\Waters\Files\Refused;
use App\Waters\Foreign\Converted;
use App\Waters\Foreign\Prepared;
use Closure;

/** The file of a layer, as it came. */
final class LayerFile
{
    /** Puts a file away as the body of a layer. */
    public static function keep(Layer $layer, string $path): void
    {
        $file = is_dir($path) ? false : @fopen($path, 'rb');
        if ($file === false) {
            throw new Refused(file_exists($path) ? "The file {$path} cannot be read." : "There is no file {$path}.");
        }
        $layer->update(['bytes' => Pieces::ofLayer($layer->id)->keep($file)]);
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
        return Pieces::ofLayer($layer->id)->with($read);
    }

    /**
     * The same, made one of our own forms where it is of another.
     *
     * @template T
     *
     * @param  Closure(Prepared): T  $read
     * @return T
     */
    public static function readable(Layer $layer, Closure $read): mixed
    {
        $said = $layer->understood ?? [];

        return self::with(
            $layer, static fn (string $path): mixed => Converted::isNeeded($path, $said)
                ? Converted::with($path, $said, $read) : $read(new Prepared($path, [], $said)),
        );
    }
}
