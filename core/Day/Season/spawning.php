<?php

declare(strict_types=1);

// Between which days of the year (northern reckoning) each species spawns, the thermometer besides: the earliest as [degrees of latitude,
// day] with a straight line between, the latest wherever it lives. Basis: rule F22; the days of bass are common practice, those of the others
// our own choice: from memory of when ice goes and when each spawns after it.
$bass = 185;

return [
    'largemouth_bass' => ['earliest' => [[28.0, 22.0], [45.0, 135.0]], 'latest' => $bass],
    'smallmouth_bass' => ['earliest' => [[33.0, 75.0], [45.0, 132.0]], 'latest' => $bass],
    'spotted_bass' => ['earliest' => [[30.0, 50.0], [45.0, 132.0]], 'latest' => $bass],
    'muskellunge' => ['earliest' => [[36.0, 75.0], [47.0, 112.0]], 'latest' => 175],
    'northern_pike' => ['earliest' => [[36.0, 36.0], [45.0, 80.0], [54.0, 121.0]], 'latest' => 165],
    'walleye' => ['earliest' => [[35.0, 45.0], [48.0, 100.0]], 'latest' => 165],
    'zander' => ['earliest' => [[40.0, 75.0], [55.0, 105.0]], 'latest' => 185],
    'yellow_perch' => ['earliest' => [[35.0, 45.0], [48.0, 98.0]], 'latest' => 170],
    'black_crappie' => ['earliest' => [[28.0, 22.0], [45.0, 118.0]], 'latest' => 190],
    'bluegill' => ['earliest' => [[28.0, 60.0], [45.0, 132.0]], 'latest' => 240],
];
