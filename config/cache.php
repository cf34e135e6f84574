<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    // What is kept of days and lakes goes with any account that ends; tries that were counted do not.
    'limiter' => env('CACHE_LIMITER', env('CACHE_STORE', 'file') === 'array' ? 'array' : 'limits'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'database' => ['driver' => 'database', 'connection' => null, 'table' => 'cache', 'lock_connection' => null, 'lock_table' => 'cache_locks'],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
        'limits' => ['driver' => 'file', 'path' => storage_path('framework/cache/limits'), 'lock_path' => storage_path('framework/cache/limits')],
        'redis' => ['driver' => 'redis', 'connection' => 'cache', 'lock_connection' => 'default'],
    ],
    'prefix' => env('CACHE_PREFIX', ''),
];
