<?php

declare(strict_types=1);

use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Platform;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

// Cautions: key => [when it applies, text]. Basis: rule CAUTIONS. They defer to local rules and state no legal limit.
return [
    'beds' => [static fn (Reading $r): bool => $r->stage->stage === Stage::Spawn || $r->day->saw(Observed::Beds) || $r->day->saw(Observed::Fry),
        'Fish on beds or guarding fry: best left alone; only where local rules allow it, and released at once at the spot.'],
    'lightning' => [static fn (Reading $r): bool => $r->day->sky === Sky::Rain || in_array($r->day->front, [Front::Approaching, Front::Passing], true),
        'Off the water at first thunder.'],
    'cold_water' => [static fn (Reading $r): bool => $r->day->tempF < 60,
        'Water under {60 °F} can disable in minutes whatever the air: life jacket on, kill-switch clipped.'],
    'warm_water' => [static fn (Reading $r): bool => $r->day->tempF >= 80,
        'Warm water: short fights, wet hands, no long photographs; no live-well for pike and muskie.'],
    'guests' => [static fn (Reading $r): bool => $r->day->mode === Mode::Troll && $r->day->tempF >= ColdwaterGuest::WARM_F,
        'Trout and salmon that come along from water of {65 °F} or more hardly live through it: short fights, unhooked in the water; better, leave them alone.'],
    'night' => [static fn (Reading $r): bool => $r->day->isNight(),
        'Night: lights on the boat, a headlamp, life jacket on, and somebody ashore who knows where you are; idle where you do not know the water.'],
    'deep_fish' => [static fn (Reading $r): bool => $r->stand->deepFt >= 30,
        'Fish hauled from deep water seldom live when released: fish for them only if you mean to keep them.'],
    'toothy' => [static fn (Reading $r): bool => $r->day->species->group() === 'toothy',
        'Bite-proof trace, long pliers; grip under the gill cover, never in the gills, and hold the fish level.'],
    'wind' => [static fn (Reading $r): bool => $r->day->windMph >= 15 || ($r->day->platform === Platform::Kayak && $r->day->windMph >= 10),
        'Check the wind forecast; small boats and kayaks stay near the lee shore.'],
    'dock' => [static fn (Reading $r): bool => $r->day->spot->isDock(),
        'Do not swim near powered docks, do not climb on private ones; look behind you before the cast.'],
    'current' => [static fn (Reading $r): bool => $r->day->platform === Platform::Bank && $r->day->current->isReal(),
        'Wading in current: staff and belt.'],
    'lines' => [static fn (Reading $r): bool => $r->day->mode === Mode::Troll,
        'How many lines may be trolled differs: check the local authority.'],
];
