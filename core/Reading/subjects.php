<?php

declare(strict_types=1);

use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;

// What findings speak of (rule F25): subject => [rule => which way it points today, or null where it points nowhere]. Who stands higher
// is right: what points the other way is not said. Seen goes before place, place before water, water before light. Basis: own choice.
$always = static fn (string $way): callable => static fn (Reading $r): string => $way;
$inPlace = static fn (Reading $r): ?string => $r->day->spot->isShaded() && ShadeCounts::matters($r->day) ? 'shallower' : null;

return [
    'depth' => [
        // Fish on beds or marked were seen, and nobody looks deeper or shallower than that.
        'F24' => static fn (Reading $r): ?string => $r->day->marks->fishFt === null && $r->day->marks->baitFt === null ? null : 'there',
        'F5' => static fn (Reading $r): ?string => $r->day->saw(Observed::Beds) ? 'shallower' : null,
        'F6' => static fn (Reading $r): ?string => $r->day->saw(Observed::Fry) ? 'shallower' : null,
        'W12' => static fn (Reading $r): string => $r->day->isRising() && ! $r->day->spot->isDry ? 'shallower' : 'deeper',
        'W6' => static fn (Reading $r): string => $r->day->inflow->isWarm() ? 'shallower' : 'deeper',
        'S12' => static fn (Reading $r): ?string => ($r->day->spot->dock->depthFt ?? 0) > Dock::POSTS_TO_FT ? 'shallower' : null,
        'S21' => $inPlace,
        'F2' => $always('deeper'),
        'F3' => $always('deeper'),
        'F7' => static fn (Reading $r): ?string => $r->day->isRising() ? 'shallower' : null,
        'F10' => $always('shallower'),
        'W3' => static fn (Reading $r): string => $r->day->clarity->isClear() ? 'deeper' : 'shallower',
        'W7' => static fn (Reading $r): ?string => ($r->day->spot->depthNearbyFt ?? 0) >= 8 ? null : 'shallower',
        'W15' => static fn (Reading $r): string => $r->day->sky->isCovered() ? 'shallower' : 'deeper',
    ],
    'pace' => [
        'W14' => $always('slower'),
        'W26' => $always('slower'),
        'W17' => static fn (Reading $r): string => $r->day->isCalm() ? 'slower' : 'faster',
        'F8' => $always('faster'),
        'F9' => $always('faster'),
    ],
    'creek' => [
        'W6' => static fn (Reading $r): string => $r->day->inflow->isWarm() || $r->day->schools->chosen('cold_mud') === 'stay_slow' ? 'in' : 'out',
        'W5' => $always('in'),
        'F4' => $always('in'),
        'F7' => static fn (Reading $r): ?string => $r->day->isRising() ? 'in' : null,
        'F8' => $always('in'),
        'W12' => static fn (Reading $r): ?string => $r->day->isRising() ? 'in' : null,
    ],
    'sun' => [
        'S20' => static fn (Reading $r): ?string => ShadeCounts::matters($r->day) ? 'shade' : ($r->day->sky->isCovered() ? null : 'sun'),
        'W9' => $always('sun'),
        'W15' => static fn (Reading $r): ?string => $r->day->sky->isCovered() ? null : 'shade',
    ],
];
