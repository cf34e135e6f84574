<?php

declare(strict_types=1);

return [
    'name' => env('APP_NAME', 'Old Eddy'),
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    // The names under which it is reached: its own address, this machine, and what an operator adds.
    'hosts' => array_values(
        array_filter(array_unique(
            [
                parse_url((string) env('APP_URL', 'http://127.0.0.1:8080'), PHP_URL_HOST),
                '127.0.0.1',
                'localhost',
                ...array_map(trim(...), explode(',', (string) env('OLD_EDDY_HOSTS', ''))),
            ],
        )),
    ),
    // A web server in front that says from where and by what a request came.
    // New accounts a minute from one address.
    'registrations_per_minute' => (int) env('REGISTRATIONS_PER_MINUTE', 20),
    'proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_PROXIES', ''))))),
    'timezone' => 'UTC',
    'locale' => 'en',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
