<?php

declare(strict_types=1);

return [
    // A file a day, kept for two weeks; "single" of older installations is the same.
    'default' => env('LOG_CHANNEL', 'daily') === 'single' ? 'daily' : env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/laravel.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14, 'permission' => 0600],
        'stderr' => ['driver' => 'errorlog', 'level' => env('LOG_LEVEL', 'warning')],
    ],
];
