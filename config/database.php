<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb', 'host' => env('DB_HOST', '127.0.0.1'), 'port' => env('DB_PORT', '3306'), 'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'old_eddy'), 'username' => env('DB_USERNAME', 'old_eddy'), 'password' => env('DB_PASSWORD', ''),
            // The way to the database names it already.
            'use_db_after_connecting' => false, 'charset' => 'utf8mb4', 'collation' => 'utf8mb4_unicode_ci', 'prefix' => '', 'prefix_indexes' => true, 'strict' => true, 'engine' => null,
            // A statement is run once in its life here: preparing it on the server first would be a second way there and back.
            'options' => [PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
];
