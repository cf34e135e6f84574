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

    /** Files of lakes may be larger; the largest are read by eddy:import. */
    private const FILE_BYTES = 32 * 1024 * 1024;

    public function handle(Request $request, Closure $next): Response
    {
        $most = preg_match('#^lakes/\d+/file$#', $request->path()) === 1 ? self::FILE_BYTES : self::BYTES;
        abort_if(
            (int) $request->headers->get('Content-Length', '0') > $most,
            413,
            sprintf(
                'At most %d KB can be sent here at once.%s Nothing was changed.',
                intdiv($most, 1024),
                $most === self::FILE_BYTES ? ' A larger file is taken in on the machine itself, by php artisan eddy:import.' : '',
            ),
        );

        return $next($request);
    }
}
