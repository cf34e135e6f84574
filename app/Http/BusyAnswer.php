<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\FailedStatement;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A sentence in place of a page, where the database is busy or away. */
final class BusyAnswer
{
    public static function to(QueryException $e, Request $request): Response|JsonResponse|null
    {
        $says = FailedStatement::sentence($e);
        if ($says === null) {
            return null;
        }
        $answer = $request->expectsJson() ? new JsonResponse(['message' => $says], 503) : new Response(view('errors.busy', ['says' => $says]), 503);

        return $answer->withHeaders(['Retry-After' => '3', 'Cache-Control' => 'no-store']);
    }
}
