<?php

declare(strict_types=1);

return [
    // Where it serves, its views are made anew at each start and change no more.
    'check_cache_timestamps' => env('APP_ENV', 'production') !== 'production',
];
