<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** What is sent must be text that can be kept and shown: sound UTF-8 without control characters, no deeper than a form can be. */
final class SoundText
{
    private const DEEPEST = 12;

    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query->all(), $request->isJson() ? $request->json()->all() : $request->request->all()] as $given) {
            $this->check($given, '');
        }

        return $next($request);
    }

    /** @param  array<array-key, mixed>  $given */
    private function check(array $given, string $path): void
    {
        foreach ($given as $key => $value) {
            $name = $path === '' ? (string) $key : "{$path}.{$key}";
            if (is_array($value)) {
                substr_count($name, '.') < self::DEEPEST ? $this->check($value, $name) : $this->refuse($path, 'is nested too deeply.');
            } elseif (! self::isSound((string) $key) || (is_string($value) && ! self::isSound($value))) {
                $this->refuse($name, 'has characters that are no text.');
            }
        }
    }

    private static function isSound(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/', $text) !== 1;
    }

    private function refuse(string $name, string $why): never
    {
        $name = mb_scrub(substr($name, 0, 80), 'UTF-8');
        throw ValidationException::withMessages([$name => "The field {$name} {$why}"]);
    }
}
