<?php

declare(strict_types=1);

use OldEddy\Contract\ConditionsReader;

// The varied days that bin/bench plans: five species, four seasons, three waters.
$days = [];
foreach (['largemouth_bass', 'smallmouth_bass', 'spotted_bass', 'northern_pike', 'walleye'] as $species) {
    foreach ([['2026-02-10', 44], ['2026-04-20', 58], ['2026-07-15', 83], ['2026-10-20', 62]] as [$date, $tempF]) {
        foreach ([0.8, 3, 9] as $visibility) {
            $days[] = ConditionsReader::read([
                'date' => $date, 'time' => '09:00', 'timezone' => 'America/New_York', 'lat' => 37, 'lon' => -80, 'species' => $species,
                'water' => ['temp_f' => $tempF, 'visibility_ft' => $visibility, 'normal_visibility_ft' => 4],
                'weather' => ['sky' => 'overcast', 'wind_mph' => 9, 'front' => 'stable'],
                'spot' => ['structure' => 'point', 'cover' => ['laydown'], 'depth_ft' => [3, 14]],
            ]);
        }
    }
}

return $days;
