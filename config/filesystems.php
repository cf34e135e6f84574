<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing is served from storage: the framework's file routes stay off.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
