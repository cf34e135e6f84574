<?php

declare(strict_types=1);

// Trailers that follow the water (rules L12, L38): row => [in water under 55 °F or clear, up to 75 °F, warmer or blind].
return [
    'jig' => ['bulky chunk with little kick', 'craw or grub with little kick', 'kicking craw'],
    'small_jig' => ['small plain chunk', 'craw or grub with little kick', 'kicking craw'],
];
