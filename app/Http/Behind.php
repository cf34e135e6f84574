<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** Requests that a device makes behind everybody's back: pages to keep, and parts of a page that stands already. */
final class Behind
{
    public static function is(Request $request): bool
    {
        return $request->isMethodSafe() && ($request->hasHeader('X-Keeps-Page') || $request->ajax());
    }
}
