<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** What a page was asked with in its address. */
final class Asked
{
    /**
     * @param  array<string, list<mixed>>  $rules  none of which asks for a field: most looks at a page ask for nothing, and nothing is checked then
     * @param  array<string, string>  $messages
     * @param  array<string, string>  $words  of the fields
     * @return array<string, mixed>
     */
    public static function of(Request $request, array $rules, array $messages = [], array $words = []): array
    {
        return $request->query() === [] ? [] : $request->validate($rules, $messages, $words);
    }
}
