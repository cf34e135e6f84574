<?php

declare(strict_types=1);

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Sun\SunPosition;

// Where a number of the water or the sky turns an answer over (rule RAMP): input => [half the width of its slope, the
// borders]. A width under 1 of the visibility is a share of it. The borders themselves stand where each rule has its own; a walk over every
// input in small steps (NoCliffsTest) fails where one is missing here.
return [
    'tempF' => [0.5, [45, 46, 48, 50, 52, 54, 55, 56, 57, 58, 60, 62, 64, 65, 68, 70, 72, 75, 76, 84, 86, 88]],
    'visibilityFt' => [0.06, [1.0, 1.5, 2.0, 3.0, 5.0, 12.0]],
    'windMph' => [0.5, [4, Settled::WINDY_MPH, 10, 12]],
    'levelChangeFtPerWeek' => [0.25, [-Settled::MOVES_FISH_FT_PER_WEEK, Settled::MOVES_FISH_FT_PER_WEEK]],
    'sunElevationDeg' => [2.5, [-6, SunPosition::LOW_DEG]],
];
