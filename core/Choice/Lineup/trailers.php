<?php

declare(strict_types=1);

// Trailers that follow the water (rule L12): row => [[up to °F, trailer], ...], the last for all warmer water.
return [
    'jig' => [[55, 'bulky chunk with little kick'], [75, 'craw or grub with little kick'], [INF, 'kicking craw']],
    'small_jig' => [[55, 'small plain chunk'], [75, 'craw or grub with little kick'], [INF, 'kicking craw']],
];
