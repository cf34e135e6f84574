<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Whether the application can do its work: the database answers, and what must be written can be. */
final class HealthController
{
    public function __invoke(): Response
    {
        try {
            DB::selectOne('select 1 from trips limit 1');
            $well = is_writable(storage_path('framework/sessions')) && is_writable(storage_path('framework/views'));
        } catch (Throwable $e) {
            Log::error('Not well.', ['why' => $e->getMessage()]);
            $well = false;
        }

        return new Response($well ? 'up' : 'down', $well ? 200 : 503, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }
}
