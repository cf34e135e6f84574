<?php

declare(strict_types=1);

// Two seasons of closed days on the demo reservoir: date, surface temperature in °F, visibility in ft, casts of time.
// What the fish did on them
// comes from hidden days on the lake's own spots, fished by the advice and, every third hour, the angler's own way.
$place = [
    'timezone' => 'America/New_York', 'lat' => 36.9, 'lon' => -80.1, 'species' => 'largemouth_bass', 'waterbody' => 'reservoir', 'platform' => 'boat',
    'rods' => 5,
];
$waters = [
    ['Ottermark lower end', 'lake'], ['Ladle Creek arm', 'lake'], ['Cinder Creek arm', 'lake'], ['Ottermark main lake', 'lake'],
    ['The mill pond', 'pond'],
];
$days = [
    ['2025-02-22', 44, 6], ['2025-03-08', 48, 4], ['2025-03-22', 53, 2.5], ['2025-04-05', 58, 3], ['2025-04-19', 62, 3.5], ['2025-05-03', 66, 4],
    ['2025-05-24', 71, 5],
    ['2025-06-07', 76, 5], ['2025-06-28', 82, 5], ['2025-07-19', 85, 4.5], ['2025-08-09', 85, 4], ['2025-08-30', 81, 4], ['2025-09-13', 77, 4.5],
    ['2025-09-27', 72, 5],
    ['2025-10-11', 67, 4], ['2025-10-25', 61, 3], ['2025-11-08', 56, 4.5], ['2025-11-22', 51, 5.5], ['2025-12-13', 45, 6],
    ['2026-02-14', 43, 6], ['2026-03-07', 47, 3], ['2026-03-21', 52, 1.5], ['2026-04-04', 57, 2], ['2026-04-18', 61, 4], ['2026-05-02', 66, 4],
    ['2026-05-16', 70, 5],
    ['2026-06-06', 75, 5], ['2026-06-27', 81, 5], ['2026-08-15', 86, 4], ['2026-09-12', 78, 4], ['2026-10-03', 70, 4], ['2026-11-07', 57, 5],
    ['2026-11-14', 53, 6],
];

$skies = ['clear', 'overcast', 'partly', 'clear', 'rain', 'partly', 'overcast'];
$fronts = ['stable', 'approaching', 'stable', 'post_1', 'stable', 'recovering'];
$notes = [
    2 => 'Redbuds out. The mud line moved up the arm while I watched; the clean side of it held them.',
    6 => 'Fry guarders along the whole bank. Left them alone.',
    11 => 'Two boats on the hump already. Went to the second one and was glad of it.',
    15 => 'First cold night. Shad in the backs by the second hour.',
    21 => 'Colder than it looked. Should have slowed down an hour sooner.',
    26 => 'Nothing over the grass after the sun was on it.',
    31 => 'Try the quarry notch earlier in the day next time.',
];

return array_map(
    static fn (array $day, int $i): array => [
        ...$waters[$i % count($waters)],
        $place + ['date' => $day[0], 'time' => '08:00', 'water' => ['temp_f' => $day[1], 'visibility_ft' => $day[2], 'normal_visibility_ft' => 4.5],
            'weather' => ['sky' => $skies[$i % 7], 'wind_mph' => 2 + 3 * ($i % 6), 'front' => $fronts[$i % 6]]],
        240 + 30 * ($i % 4),
        $notes[$i] ?? null,
    ],
    $days,
    array_keys($days),
);
