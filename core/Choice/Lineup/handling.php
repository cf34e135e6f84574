<?php

declare(strict_types=1);

use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

// How to handle a lure beyond its retrieve: rule => [when it applies, text]. Basis: common practice.
return [
    'R5' => [static fn (LureFamily $l, Reading $r): bool => $l->does(Job::FeltThroughGrass) && $r->day->spot->hasPlants(),
        'If a pull feels heavier than the grass, strike.'],
    'R13' => [static fn (LureFamily $l, Reading $r): bool => $r->day->species->group() === 'toothy' && $l->isMoving(),
        'End every cast with a figure-eight at the boat.'],
    'R17' => [static fn (LureFamily $l, Reading $r): bool => $l->isMoving(),
        'Answer a follower with a change: kill, pause or speed up.'],
    'R18' => [static fn (LureFamily $l, Reading $r): bool => $r->day->spot->isDock() || $r->day->spot->has(Cover::Reeds),
        'Reeds and docks ask for casts exact to inches.'],
    'R19' => [static fn (LureFamily $l, Reading $r): bool => $r->day->clarity->isClear(),
        'Polarized glasses show followers as dark shapes behind the lure; log each one.'],
    'R20' => [static fn (LureFamily $l, Reading $r): bool => $l->rigging->exposure === Exposure::Treble || $r->day->spot->has(
        Cover::LilyPads,
        Cover::Reeds,
        Cover::Dock,
        Cover::GrassMatted,
    ),
        'Trebles: play the fish slowly on a soft rod. Out of pads, reeds and docks with a single hook: pull hard at once.'],
    'R21' => [static fn (LureFamily $l, Reading $r): bool => $r->day->spot->has(Cover::Stumps) && ! $l->isSurface(),
        'Beside a stump let it fall to the roots first and wait; then lift it and work it away.'],
    'C11' => [static fn (LureFamily $l, Reading $r): bool => in_array($l->colorGroup, ['small', 'walleye'], true),
        'Match jig head and plastic.'],
    'D5' => [static fn (LureFamily $l, Reading $r): bool => $r->day->current->runs() && ! $l->isMoving(),
        'Work it against the current, or let it sweep over the bar into the slack; contact with the bottom decides.'],
];
