<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Show\Units;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Pages speak in the units of whoever is signed in, unless they say themselves whose. */
final class SpeaksUnits
{
    public function handle(Request $request, Closure $next): Response
    {
        $angler = $request->user();
        View::share('units', new Units($angler instanceof User && $angler->isMetric()));

        return $next($request);
    }
}
