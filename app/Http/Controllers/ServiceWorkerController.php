<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** The service worker, with the shipped assets of this very build in front. It must live at the root to see every page. */
final class ServiceWorkerController
{
    public function __invoke(): Response
    {
        $manifest = is_file($file = public_path('build/manifest.json')) ? (string) file_get_contents($file) : '{}';
        $assets = [];
        foreach (json_decode($manifest, true, flags: JSON_THROW_ON_ERROR) as $entry) {
            array_push(
                $assets,
                "/build/{$entry['file']}",
                ...array_map(static fn (string $path): string => "/build/{$path}", [...($entry['css'] ?? []), ...($entry['assets'] ?? [])]),
            );
        }
        $assets = json_encode(['/icon.svg', '/lures.svg', '/icon-192.png', '/manifest.webmanifest', ...array_values(array_unique($assets))], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        $body = (string) file_get_contents(resource_path('js/service-worker.js'));

        return new Response(sprintf("const ASSETS = %s;\n%s", $assets, $body), 200, ['Content-Type' => 'text/javascript', 'Cache-Control' => 'no-cache']);
    }
}
