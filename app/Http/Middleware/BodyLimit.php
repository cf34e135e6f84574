<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** No form or log of this application is larger than this; anything more is refused before it is read. */
final class BodyLimit
{
    private const BYTES = 512 * 1024;

    /** Files may be larger. */
    private const FILE_BYTES = 32 * 1024 * 1024;

    /** Where files come in, and the command that takes the largest. */
    private const FILES = ['#^lakes/\d+/file$#' => 'eddy:import', '#^archive/(in|log)$#' => 'eddy:archive'];

    /** A picture that lies under a sketch. */
    private const PICTURE = '#^lakes/\d+/sketch/picture$#';

    private const PICTURE_BYTES = 7 * 1024 * 1024;

    public function handle(Request $request, Closure $next): Response
    {
        $command = null;
        foreach (self::FILES as $path => $larger) {
            $command = preg_match($path, $request->path()) === 1 ? $larger : $command;
        }
        $most = match (true) {
            $command !== null => self::FILE_BYTES, preg_match(self::PICTURE, $request->path()) === 1 => self::PICTURE_BYTES, default => self::BYTES,
        };
        abort_if(
            (int) $request->headers->get('Content-Length', '0') > $most,
            413,
            sprintf(
                'At most %d KB can be sent here at once.%s Nothing was changed.',
                intdiv($most, 1024),
                $command === null ? '' : " A larger file is taken in on the machine itself, by php artisan {$command}.",
            ),
        );

        return $next($request);
    }
}
