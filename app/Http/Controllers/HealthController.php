<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\FailedStatement;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use PDO;
use Throwable;

/** Whether the application can do its work: the database answers, and what must be written can be. */
final class HealthController
{
    private const PATIENCE_S = 2;

    public function __invoke(): Response
    {
        try {
            // On a way of its own, asked once: the framework's own would be tried again.
            ini_set('mysqlnd.net_read_timeout', (string) self::PATIENCE_S);
            $way = config('database.connections.'.DB::getDefaultConnection());
            $to = $way['unix_socket'] !== '' ? "unix_socket={$way['unix_socket']}" : "host={$way['host']};port={$way['port']}";
            (new PDO("mysql:{$to};dbname={$way['database']}", $way['username'], $way['password'], [PDO::ATTR_TIMEOUT => self::PATIENCE_S, PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]))->query('select 1 from trips limit 1');
            $well = is_writable(storage_path('framework/sessions')) && is_writable(storage_path('framework/views'));
        } catch (Throwable $e) {
            Log::error('Not well.', ['why' => FailedStatement::why($e)]);
            $well = false;
        }

        return new Response($well ? 'up' : 'down', $well ? 200 : 503, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }
}
