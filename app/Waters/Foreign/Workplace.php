<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use Closure;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** The one folder in which a file of another form is worked on; it is gone afterwards. */
final class Workplace
{
    private const NAME = 'foreign-';

    /** A folder that was left by a reader who was killed is this old, seconds. */
    private const LEFT_S = 3600;

    /**
     * @template T
     *
     * @param  Closure(string): T  $work
     * @return T
     */
    public static function in(Closure $work): mixed
    {
        $folder = sys_get_temp_dir().'/'.self::NAME.Str::random(20);
        File::makeDirectory($folder, 0700);
        // The folder is the tool's own, where it runs as somebody else.
        if (posix_geteuid() === 0) {
            chown($folder, Tool::NOBODY);
        }
        try {
            return $work($folder);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** Lays a file into a folder under the name that files of its form have there. */
    public static function lay(string $path, string $folder, Form $form): string
    {
        $file = "given.{$form->ending()}";
        copy($path, "{$folder}/{$file}");
        chmod("{$folder}/{$file}", 0644);

        return $file;
    }

    /** Takes away what killed readers left. */
    public static function sweep(): int
    {
        $left = array_filter(glob(sys_get_temp_dir().'/'.self::NAME.'*') ?: [], static fn (string $f): bool => (int) @filemtime($f) < time() - self::LEFT_S);
        array_map(File::deleteDirectory(...), $left);

        return count($left);
    }
}
