<?php

declare(strict_types=1);

use OldEddy\Basics\Ramp;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

// Single rules of the trade, a row each: how far it holds today (0 to 1, by ramps where a number decides), what it does in full to
// which lures, the reason, the rule, and the school where practitioners differ. Basis: the rule named; the strengths are our own choice.
$fall = static fn (Reading $r): bool => $r->isAt(Stage::EarlyFall, Stage::Fall, Stage::LateFall);
$rock = static fn (Reading $r): bool => $r->day->spot->has(Cover::Rock)
    || in_array($r->day->spot->structure, [Structure::RockPile, Structure::Riprap, Structure::BluffTransition], true);
$wood = static fn (Reading $r): bool => $r->day->spot->has(Cover::Wood, Cover::Stumps, Cover::Laydown, Cover::StandingTimber);
$spring = static fn (Reading $r): bool => $r->isOfBass(Stage::EarlyPrespawn, Stage::Prespawn, Stage::Spawn);

return [
    [
        'rule' => 'L24', 'text' => 'Cloud and wind in clear water: flash is seen far off.',
        'holds' => static fn (Reading $r): float => ($r->day->sky->isCovered() ? 1.0 : 0.0)
            * Ramp::up($r->day->windMph, 5, 11) * Ramp::up($r->day->visibilityFt, 3, 5),
        'lures' => ['spinnerbait' => 1.3, 'underspin_swimbait' => 1.15],
    ],
    [
        'rule' => 'L25', 'text' => 'In murk what thumps is found before what lies still.',
        'holds' => static fn (Reading $r): float => $r->day->front->isPost() || ! $r->day->species->isBass() || $r->isAt(Stage::Winter) ? 0.0
            : Ramp::down($r->day->visibilityFt, 1.5, 2.2) * Ramp::up($r->day->tempF, 48, 54),
        'lures' => ['spinnerbait' => 1.1, 'bladed_jig' => 1.1, 'squarebill_crankbait' => 1.06, 'stick_worm' => 0.84, 'wacky_rig' => 0.84, 'finesse_jig' => 0.84, 'flipping_jig' => 0.97],
    ],
    [
        'rule' => 'L26', 'text' => 'After a front a worm that does little, on rock.',
        'holds' => static fn (Reading $r): float => $r->day->front->isPost() && $rock($r) && $r->day->species->isBass() && ! $r->isAt(Stage::Winter) ? 1.0 : 0.0,
        'lures' => ['stick_worm' => 1.4, 'wacky_rig' => 1.3, 'shaky_head' => 1.2],
    ],
    [
        'rule' => 'L27', 'text' => 'Beside posts in mud its rattle is heard.',
        'holds' => static fn (Reading $r): float => $r->day->species->isBass()
            && $r->day->spot->has(Cover::Wood, Cover::Dock, Cover::StandingTimber) ? Ramp::down($r->day->visibilityFt, 1.0, 1.6) : 0.0,
        'lures' => ['lipless_crankbait' => 1.4],
    ],
    [
        'rule' => 'L28', 'text' => 'In timber, and at docks in fall, a blade under a small swimbait.',
        'holds' => static fn (Reading $r): float => $r->day->species->isBass()
            && ($r->day->spot->has(Cover::StandingTimber) || ($fall($r) && $r->day->spot->isDock())) ? 1.0 : 0.0,
        'lures' => ['underspin_swimbait' => 1.12],
    ],
    [
        'rule' => 'L29', 'text' => 'In fall a white tube falls like the shad they eat.',
        'holds' => static fn (Reading $r): float => $r->day->species->isBass() && $fall($r) ? 1.0 : 0.0,
        'lures' => ['tube' => 1.3],
    ],
    [
        'rule' => 'L30', 'text' => 'It swims through wood like a fish.', 'school' => 'swim_jig_wood: yes',
        'holds' => static fn (Reading $r): float => $wood($r) && $r->day->species->isBass()
            && $r->day->schools->chosen('swim_jig_wood') !== 'grass_only' ? Ramp::up($r->day->tempF, 55, 62) : 0.0,
        'lures' => ['swim_jig' => 1.35],
    ],
    [
        'rule' => 'L30', 'text' => 'For this school it belongs in grass.', 'school' => 'swim_jig_wood: grass_only',
        'holds' => static fn (Reading $r): float => $wood($r) && ! $r->day->spot->hasPlants() && $r->day->schools->chosen('swim_jig_wood') === 'grass_only' ? 1.0 : 0.0,
        'lures' => ['swim_jig' => 0.6],
    ],
    [
        'rule' => 'L31', 'text' => 'Crawled on a big blade it is taken in spring also on bluebird days.', 'school' => 'early_buzz: upper_40s',
        'holds' => static fn (Reading $r): float => $spring($r) && $r->day->schools->chosen('early_buzz') !== 'from_58'
            ? Ramp::up($r->day->tempF, 46, 49) * Ramp::up($r->day->visibilityFt, 1.5, 3) * Ramp::down($r->stand->shallowFt, 6, 9) : 0.0,
        'lures' => ['buzzbait' => 1.7],
    ],
    [
        'rule' => 'L31', 'text' => 'For this school it is too early.', 'school' => 'early_buzz: from_58',
        'holds' => static fn (Reading $r): float => $r->day->schools->chosen('early_buzz') === 'from_58' ? Ramp::down($r->day->tempF, 56, 58) : 0.0,
        'lures' => ['buzzbait' => 0.3],
    ],
    [
        'rule' => 'L32', 'text' => 'Spring fish come up to one that rests long in a hole.', 'school' => 'spring_frog: all_spring',
        'holds' => static fn (Reading $r): float => $spring($r) && $r->day->schools->chosen('spring_frog') !== 'warm'
            && $r->day->spot->has(Cover::LilyPads, Cover::GrassMatted, Cover::Reeds) ? Ramp::up($r->day->tempF, 53, 57) : 0.0,
        'lures' => ['hollow_frog' => 1.25],
    ],
    [
        'rule' => 'L32', 'text' => 'For this school the water is too cold for it.', 'school' => 'spring_frog: warm',
        'holds' => static fn (Reading $r): float => $r->day->schools->chosen('spring_frog') === 'warm' ? Ramp::down($r->day->tempF, 60, 62) : 0.0,
        'lures' => ['hollow_frog' => 0.4, 'toad' => 0.4],
    ],
    [
        'rule' => 'L33', 'text' => 'Dropped past the floats of a deep dock it falls by all of them.',
        'holds' => static fn (Reading $r): float => $r->day->spot->dock === null ? 0.0 : Ramp::up($r->day->spot->dock->depthFt ?? 0.0, 15, 25),
        'lures' => ['football_jig' => 1.15],
    ],
    [
        'rule' => 'L34', 'text' => 'Over brush in cold water shad hang: a school of them draws bass up, a jig goes down to them.',
        'holds' => static fn (Reading $r): float => $r->day->species->isBass() && in_array(Forage::Shad, $r->day->forage, true)
            && $r->day->spot->has(Cover::Brush) ? Ramp::down($r->day->tempF, 47, 52) : 0.0,
        'lures' => ['umbrella_rig' => 1.35, 'jerkbait' => 1.2, 'casting_jig' => 1.25],
    ],
    [
        'rule' => 'L35', 'text' => 'Pike of narrow water take soft fish and small blades.',
        'holds' => static fn (Reading $r): float => $r->day->species === Species::NorthernPike
            && in_array($r->day->waterbody, [Waterbody::Canal, Waterbody::Pond, Waterbody::River], true) ? 1.0 : 0.0,
        'lures' => ['paddletail_swimbait' => 1.3, 'inline_spinner' => 1.1],
    ],
    [
        'rule' => 'L36', 'text' => 'Wind on the shade line: they chase what moves.',
        'holds' => static fn (Reading $r): float => $r->day->spot->isShaded() && $r->day->species->isBass()
            && ! $r->mood->isNegative() ? Ramp::up($r->day->windMph, 5, 12) * Ramp::up($r->day->tempF, 55, 60) : 0.0,
        'lures' => ['spinnerbait' => 1.2, 'bladed_jig' => 1.15, 'swim_jig' => 1.15, 'squarebill_crankbait' => 1.1, 'shaky_head' => 0.8],
    ],
    [
        'rule' => 'W26', 'text' => 'At night what thumps or gurgles is found.',
        'holds' => static fn (Reading $r): float => $r->day->night() * ($r->day->species->isBass() ? 1.0 : 0.5),
        'lures' => ['spinnerbait' => 1.35, 'buzzbait' => 1.2, 'bladed_jig' => 1.2, 'swim_jig' => 1.1, 'jerkbait' => 0.7, 'drop_shot' => 0.8, 'glide_bait' => 0.8],
    ],
];
