<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Throwable;

/** A statement that failed: reported without the values it carried, and told apart by whether it may go through a moment later. */
final class FailedStatement
{
    /** Waited too long for a row, or chosen to give way: errors of the database server. */
    private const BUSY = [1205, 1213, 3024];

    /** Not there, gone away, lost on the way, or shut. */
    private const GONE = [1040, 1053, 2002, 2003, 2006, 2013];

    public static function report(QueryException $e): void
    {
        Log::error('A statement failed.', ['why' => self::why($e), 'statement' => mb_strimwidth($e->getSql(), 0, 500, '…'), 'at' => self::at($e)]);
    }

    /** What an error says, without what stands in quotes or looks like a value. */
    public static function why(Throwable $e): string
    {
        $text = ($e instanceof QueryException ? $e->getPrevious() ?? $e : $e)->getMessage();

        return mb_strimwidth((string) preg_replace(['/\(Connection: .*$/s', '/([\'"]).*?\1/s'], ['', '…'], $text), 0, 300, '…');
    }

    /** What to say of it where the database is busy or away; null for any other failure. */
    public static function sentence(QueryException $e): ?string
    {
        $code = self::code($e);

        return match (true) {
            in_array($code, self::BUSY, true) => 'Somebody else is writing here at this moment. Try again in a few seconds; nothing of yours was changed.',
            in_array($code, self::GONE, true) => 'The database does not answer at this moment. Try again in a minute; nothing of yours was changed.',
            default => null,
        };
    }

    /** Whether the same may go through a moment later. */
    public static function isPassing(QueryException $e): bool
    {
        return self::sentence($e) !== null;
    }

    private static function code(QueryException $e): int
    {
        return (int) ($e->errorInfo[1] ?? $e->getPrevious()?->getCode() ?? 0);
    }

    /** The first of our own lines on the way there. */
    private static function at(Throwable $e): string
    {
        foreach ($e->getTrace() as $step) {
            if (isset($step['file']) && str_starts_with($step['file'], app_path())) {
                return str_replace(base_path().'/', '', $step['file']).':'.($step['line'] ?? 0);
            }
        }

        return '';
    }
}
