<?php

declare(strict_types=1);

use OldEddy\Choice\Color\ColorFamily;

// The family of colors that passes for a prey of a color (rule C16, own choice): prey => color => family; "any" for every other color.
return [
    'crawfish' => [
        'red' => ColorFamily::CrawRed, 'orange' => ColorFamily::Orange, 'blue' => ColorFamily::DarkContrast, 'black' => ColorFamily::DarkContrast,
        'brown' => ColorFamily::Brown, 'any' => ColorFamily::NaturalCraw,
    ],
    'goby' => ['black' => ColorFamily::Black, 'brown' => ColorFamily::Brown, 'any' => ColorFamily::NaturalCraw],
    'bluegill' => ['any' => ColorFamily::Bluegill],
    'perch' => ['any' => ColorFamily::Perch],
    'frog' => ['white' => ColorFamily::White, 'black' => ColorFamily::Black, 'brown' => ColorFamily::Brown, 'any' => ColorFamily::Frog],
    'any' => [
        'white' => ColorFamily::White, 'silver' => ColorFamily::Silver, 'gold' => ColorFamily::Gold, 'black' => ColorFamily::Black,
        'brown' => ColorFamily::Brown, 'any' => ColorFamily::NaturalBaitfish,
    ],
];
