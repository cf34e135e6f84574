<?php

declare(strict_types=1);

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;

// The retrieves: speed word, the part of the water column it takes the lure to where that is not the lure's own (L20),
// usual pause in seconds (null without), steps, rule and text; `when` says on which days the
// cadence is the one to use (a lure takes the first of its cadences whose `when` holds, else its last).
// A step is [move, seconds] or [move, seconds, times] or [move, seconds, times, feet lifted]; the seconds "pause" stand
// for the pause of the day. In the text, {pause} and {speed} are filled in. Basis: the rule named at each; seconds our
// own where it gives none.
$slowDay = static fn (Reading $r): bool => $r->mood->isNegative() || $r->day->tempF < 55 || $r->day->front->isPost() || $r->day->isNight();

return [
    'frog_rest' => ['speed' => 'crawl', 'pause' => 30.0, 'limits' => [20, 70], 'steps' => [['twitch', 1.5, 2], ['pause', 'pause']], 'rule' => 'R11',
        'text' => 'Twitch it up to the target, let it stand {pause}, twitch again; wait for the weight, then strike hard.',
        'when' => static fn (Reading $r): bool => $r->mood->isNegative() || $r->day->front->isPost()],
    'frog_twitch' => ['speed' => 'slow_roll', 'pause' => 1.5, 'limits' => [0.5, 4], 'steps' => [['twitch', 2.0, 3], ['pause', 'pause']], 'rule' => 'R11',
        'text' => 'Twitch along with slack between; rest it at each hole. Wait for the weight, then strike hard.'],
    'gurgle_and_kill' => ['speed' => 'slow_roll', 'pause' => 2.0, 'limits' => [1, 5], 'steps' => [['wind', 4.0], ['kill', 'pause']], 'rule' => 'R11',
        'text' => 'Slow gurgle at {speed}; kill it {pause} beside cover.'],
    'buzz_slow' => ['speed' => 'slow_roll', 'pause' => null, 'steps' => [['wind', 5.0]], 'rule' => 'R11',
        'text' => 'As slow as it stays up: {speed}.', 'when' => $slowDay],
    'buzz_fast' => ['speed' => 'fast', 'pause' => null, 'steps' => [['wind', 5.0]], 'rule' => 'R11', 'text' => 'Steady and fast, {speed}.'],
    'walk' => ['speed' => 'medium', 'pause' => 1.0, 'limits' => [0.3, 4], 'steps' => [['twitch', 3.0, 6], ['pause', 'pause']], 'rule' => 'R17',
        'text' => 'Six short twitches side to side, pause {pause}; stop it dead for a follower.'],
    'pop_and_rest' => ['speed' => 'slow_roll', 'pause' => 4.0, 'limits' => [1.5, 15], 'steps' => [['pop', 1.0, 2], ['pause', 'pause']], 'rule' => 'R17',
        'text' => 'Two pops, rest {pause} until the rings are gone.'],
    'slow_roll' => ['speed' => 'slow_roll', 'pause' => null, 'steps' => [['wind', 5.0]], 'column' => 'bottom', 'rule' => 'R4',
        'text' => 'Slow roll at {speed}, just above the bottom or the tops of the cover.', 'when' => $slowDay],
    'burn_and_bulge' => ['speed' => 'burn', 'pause' => null, 'steps' => [['wind', 4.0]], 'column' => 'surface', 'rule' => 'R4',
        'text' => 'Burn it at {speed} just under the surface so that it bulges without breaking out.',
        'when' => static fn (Reading $r): bool => $r->mood->isActive() && $r->day->tempF >= 60 && $r->stand->shallowFt <= 3],
    'medium' => ['speed' => 'medium', 'pause' => null, 'steps' => [['wind', 5.0]], 'rule' => 'R15',
        'text' => 'Steady at {speed}, across and over the cover.'],
    'catch_pop_pause' => ['speed' => 'medium', 'pause' => 1.0, 'limits' => [0.5, 3], 'steps' => [
        ['wind', 3.0],
        ['pop', 0.4, 1],
        ['pause', 'pause'],
    ], 'rule' => 'R5',
        'text' => 'Wind at {speed}; let it catch in the grass, pop it free, pause {pause}.',
        'when' => static fn (Reading $r): bool => $r->day->spot->hasPlants()],
    'steady_in_current' => ['speed' => 'slow_roll', 'pause' => null, 'steps' => [['wind', 5.0]], 'rule' => 'R5',
        'text' => 'Just steady at {speed}; the current does the work.',
        'when' => static fn (Reading $r): bool => $r->day->current->isReal()],
    'steady_with_pops' => ['speed' => 'medium', 'pause' => 0.8, 'limits' => [0.4, 2.5], 'steps' => [
        ['wind', 3.0],
        ['pop', 0.5, 2],
        ['pause', 'pause'],
    ], 'rule' => 'R5',
        'text' => 'Steady at {speed} with two quick rod pops that clear the grass and make it flutter.'],
    'wind_hit_pause' => ['speed' => 'medium', 'pause' => 1.0, 'limits' => [0.5, 3], 'steps' => [
        ['wind', 3.0],
        ['deflect', 0.4, 1],
        ['pause', 'pause'],
    ], 'rule' => 'R2',
        'text' => 'Wind at {speed} until it hits; pause {pause} at the deflection; go on. If contact stops, move the line of the cast by inches.'],
    'lift_fall' => ['speed' => 'slow_roll', 'pause' => 1.5, 'limits' => [1, 5], 'steps' => [['lift', 1.0, 1, 2.0], ['fall', 'pause']], 'rule' => 'R6',
        'text' => 'Lift two feet, let it fall {pause} on a line held just tight.',
        'when' => static fn (Reading $r): bool => $r->day->tempF < 52 || $r->mood->isNegative()
            || ($r->day->clarityShift === ClarityShift::Down && $r->day->clarity !== Clarity::Mud)],
    'burn_and_kill' => ['speed' => 'fast', 'pause' => 1.2, 'limits' => [0.6, 3], 'steps' => [['wind', 2.5], ['kill', 'pause']], 'rule' => 'R6',
        'text' => 'Burn it over the grass at {speed} and kill it {pause} beside each object.',
        'when' => static fn (Reading $r): bool => $r->day->spot->has(Cover::GrassSubmerged, Cover::GrassEdge)],
    'let_fall_lift' => ['speed' => 'slow_roll', 'pause' => 3.0, 'limits' => [2, 6], 'steps' => [['lift', 1.0, 1, 4.0], ['fall', 'pause']], 'rule' => 'R14',
        'text' => 'Let it fall to their depth, lift four feet, let it flutter down {pause}.'],
    'jerk_pause' => ['speed' => 'medium', 'pause' => 3.5, 'limits' => [0.8, 8], 'steps' => [['jerk', 1.2, 3], ['pause', 'pause']], 'rule' => 'R1',
        'text' => 'Wind down 7-8 turns, three jerks, pause {pause}. Slack line may jump feet at a strike.'],
    'glide' => ['speed' => 'slow_roll', 'pause' => 1.2, 'limits' => [0.5, 4], 'steps' => [['wind', 2.0, 2], ['pause', 'pause']], 'rule' => 'R17',
        'text' => 'Half turns of the handle for slow wide glides; stop {pause} when it is followed.'],
    'spin_fast' => ['speed' => 'fast', 'pause' => null, 'steps' => [['wind', 5.0]], 'rule' => 'R13',
        'text' => 'Fast but careful, {speed}; a figure-eight at the boat every time.'],
    'wind_rise_twitch' => ['speed' => 'slow_roll', 'pause' => 1.5, 'limits' => [0.8, 4], 'steps' => [
        ['wind', 3.0],
        ['pause', 'pause'],
        ['twitch', 0.6, 2],
    ], 'rule' => 'R12',
        'text' => 'Wind, stop {pause} so that it rises, twitch with the rod tip.'],
    'sink_and_draw' => ['speed' => 'slow_roll', 'pause' => 1.0, 'limits' => [0.6, 2.5], 'steps' => [
        ['lift', 1.5, 1, 1.5],
        ['wind', 1.5],
        ['fall', 'pause'],
    ], 'rule' => 'R12',
        'text' => 'Close the bail at once, rod high; lift with the rod and wind down so that it rises and sinks, never down into the weed.',
        'when' => static fn (Reading $r): bool => $r->day->species->group() === 'toothy'],
    'slow_swim' => ['speed' => 'slow_roll', 'pause' => null, 'steps' => [['wind', 5.0]], 'rule' => 'R16',
        'text' => 'Swim it slowly and evenly, {speed}, at their depth or a little above.', 'when' => $slowDay],
    'drop_shake_lift' => ['speed' => 'crawl', 'pause' => 1.5, 'limits' => [1, 5], 'steps' => [
        ['fall', 2.0],
        ['shake', 'pause', 3],
        ['lift', 0.8, 1, 1.0],
    ], 'rule' => 'R8',
        'text' => 'Let it drop straight, lowering the rod tip with it; shake {pause} on the bottom, lift, next pocket.'],
    'crawl_rest' => ['speed' => 'crawl', 'pause' => 2.5, 'limits' => [1.5, 5], 'steps' => [['drag', 3.0], ['pause', 'pause']], 'rule' => 'R8',
        'text' => 'Crawl it over each rock at {speed}, rest {pause}.',
        'when' => static fn (Reading $r): bool => $r->day->tempF < 60 || $r->mood->isNegative()],
    'hop_bottom' => ['speed' => 'slow_roll', 'pause' => 1.5, 'limits' => [0.8, 4], 'steps' => [['hop', 0.8, 1, 1.0], ['fall', 'pause']], 'rule' => 'R8',
        'text' => 'Short hops along the bottom, {pause} of rest after each.'],
    'swim_under_floats' => ['speed' => 'medium', 'pause' => null, 'steps' => [['wind', 5.0]], 'column' => 'suspended', 'rule' => 'R14',
        'text' => 'Swim it briskly {5-6 ft} down under the floats, {speed}.',
        'when' => static fn (Reading $r): bool => $r->day->spot->dock?->kind === DockKind::Floating && $r->stand->column === Column::Suspended],
    'drag_pause' => ['speed' => 'crawl', 'pause' => 2.0, 'limits' => [1, 6], 'steps' => [['drag', 3.0], ['pause', 'pause']], 'rule' => 'R16',
        'text' => 'Drag it sideways with the rod, pause {pause} while you take up line.'],
    'slack_fall' => ['speed' => 'crawl', 'pause' => 6.0, 'limits' => [4, 15], 'steps' => [['fall', 'pause'], ['lift', 1.0, 1, 1.5]], 'rule' => 'R9',
        'text' => 'Slack-line fall of about {pause}, do little; watch the line. Any jump or run: reel up and strike quickly.'],
    'hold_shake' => ['speed' => 'still', 'pause' => 6.0, 'limits' => [4, 15], 'steps' => [['shake', 4.0, 8], ['pause', 'pause']], 'rule' => 'R10',
        'text' => 'Hold it in place, shake on slack line, rest {pause}.'],
    'shake_pause' => ['speed' => 'crawl', 'pause' => 3.0, 'limits' => [1.5, 8], 'steps' => [
        ['drag', 1.5],
        ['shake', 1.5, 3],
        ['pause', 'pause'],
    ], 'rule' => 'R16',
        'text' => 'Drag a little, shake without moving it, rest {pause}.'],
    'bed_shake' => ['speed' => 'still', 'pause' => 5.0, 'limits' => [3, 12], 'steps' => [['shake', 2.0, 2], ['pause', 'pause']], 'rule' => 'R10',
        'text' => 'Barely shake it in place; if ignored, change: hop, pull fast, over the top.',
        'when' => static fn (Reading $r): bool => $r->stage->stage === Stage::Spawn],
    'snap_bottom' => ['speed' => 'slow_roll', 'pause' => 1.5, 'limits' => [1, 4], 'steps' => [['jerk', 0.5, 1, 2.0], ['fall', 'pause']], 'rule' => 'R10',
        'text' => 'Snap it off the bottom, let it spiral back {pause}.',
        'when' => static fn (Reading $r): bool => ! $r->mood->isNegative() && $r->day->tempF >= 48],
    'lift_to_felt_bottom' => ['speed' => 'slow_roll', 'pause' => 1.5, 'limits' => [1, 4], 'steps' => [['lift', 1.0, 1, 1.5], ['fall', 'pause']], 'rule' => 'R8',
        'text' => 'Lift, let it fall to a felt bottom ({pause}), back against the current; strike at once.',
        'when' => static fn (Reading $r): bool => $r->stand->column === Column::Bottom],
    'twitch_fall' => ['speed' => 'crawl', 'pause' => 3.0, 'limits' => [2, 8], 'steps' => [['twitch', 0.8, 2], ['fall', 'pause']], 'rule' => 'R16',
        'text' => 'Two small twitches, let it sink {pause}.'],
    'troll_steady' => ['speed' => 'medium', 'pause' => null, 'steps' => [['wind', 10.0]], 'rule' => 'T3', 'text' => 'Trolled steadily at {speed}.'],
    'troll_slow' => [
        'speed' => 'slow_roll',
        'pause' => null,
        'steps' => [['wind', 10.0]],
        'rule' => 'T3',
        'text' => 'Trolled at {speed}, about {1 mph}; above {1.5 mph} it rolls over.',
    ],
];
