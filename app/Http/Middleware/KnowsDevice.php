<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SignIn;
use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A device that was signed out from another is signed out with its next request. */
final class KnowsDevice
{
    public function handle(Request $request, Closure $next): Response
    {
        $angler = $request->user();
        if ($angler instanceof User && $request->hasSession() && ! SignIn::stands($request, $angler)) {
            SignIn::leave($request);

            throw new AuthenticationException('This device was signed out.', [], route('sign-in'));
        }

        return $next($request);
    }
}
