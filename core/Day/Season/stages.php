<?php

declare(strict_types=1);

// The stage table, °F, one row a species. Basis: common practice; values marked * in the handbook are from memory.
// winter: below it is winter · early, prespawn: warming cut points · spawn: from, to · summer: from ·
// fall: early fall from here down while cooling.
return [
    'largemouth_bass' => ['winter' => 45, 'early' => 45, 'prespawn' => 55, 'spawn' => [62, 72], 'summer' => 76, 'fall' => 70],
    'smallmouth_bass' => ['winter' => 44, 'early' => 44, 'prespawn' => 50, 'spawn' => [59, 66], 'summer' => 70, 'fall' => 65],
    'spotted_bass' => ['winter' => 45, 'early' => 45, 'prespawn' => 54, 'spawn' => [60, 68], 'summer' => 75, 'fall' => 68],
    'muskellunge' => ['winter' => 40, 'early' => 40, 'prespawn' => 44, 'spawn' => [49, 59], 'summer' => 68, 'fall' => 62],
    'northern_pike' => ['winter' => 38, 'early' => 38, 'prespawn' => 39, 'spawn' => [40, 52], 'summer' => 65, 'fall' => 60],
    'walleye' => ['winter' => 38, 'early' => 38, 'prespawn' => 39, 'spawn' => [42, 52], 'summer' => 68, 'fall' => 60],
    'zander' => ['winter' => 40, 'early' => 40, 'prespawn' => 44, 'spawn' => [50, 59], 'summer' => 68, 'fall' => 60],
    'yellow_perch' => ['winter' => 38, 'early' => 38, 'prespawn' => 40, 'spawn' => [45, 54], 'summer' => 68, 'fall' => 60],
    'black_crappie' => ['winter' => 42, 'early' => 42, 'prespawn' => 50, 'spawn' => [60, 68], 'summer' => 75, 'fall' => 65],
    'bluegill' => ['winter' => 45, 'early' => 45, 'prespawn' => 58, 'spawn' => [67, 80], 'summer' => 80, 'fall' => 70],
];
