<?php

declare(strict_types=1);

use OldEddy\Basics\Direction;
use OldEddy\Basics\Said;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Day\Water\Sight;
use OldEddy\Reading\Clearing;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;
use OldEddy\Reading\ShadeLine;
use OldEddy\Reading\StageOutlook;

// What the water says, one row a rule: id => sentence for today, or null when the rule has nothing to say.
// The rules' own texts and bases stand in Rules/rules.php; cut points not named there are our own.
return [
    'W1' => static fn (Reading $r): ?Said => match ($r->day->clarityShift) {
        ClarityShift::AsUsual => null,
        ClarityShift::Up => Said::of(
            '{%.1f ft} of visibility where {%.1f ft~} is usual: the fish see more than they are used to.',
            $r->day->visibilityFt,
            $r->day->normalVisibilityFt,
        ),
        ClarityShift::Down => Said::of('{%.1f ft} where {%.1f ft~} is usual: down, and it unsettles fish.', $r->day->visibilityFt, $r->day->normalVisibilityFt),
        ClarityShift::SharplyDown => Said::of(
            '{%.1f ft} where {%.1f ft~} is usual: sharply down; the fish have lost most of their sight.',
            $r->day->visibilityFt,
            $r->day->normalVisibilityFt,
        ),
    },
    'W2' => static fn (Reading $r): ?Said => $r->day->clarity === Clarity::Stained
        ? Said::of('{%.1f ft} is stained, not muddy: by no means hopeless.', $r->day->visibilityFt) : null,
    'W3' => static fn (Reading $r): ?string => match (true) {
        $r->day->visibilityFt < 3 => 'Little light gets down: look shallower than the season alone would say.',
        $r->day->clarity->isClear() => 'Light gets far down: look deeper and farther from cover than the season alone would say.',
        default => null,
    },
    'W4' => static fn (Reading $r): ?string => $r->day->clarity === Clarity::Mud
        ? 'In mud they hold tight to the best cover and hunt by sound and vibration.' : null,
    'W5' => static fn (Reading $r): ?Said => match (true) {
        ! $r->day->isMuddiedByStorm() => null,
        $r->day->inflow->running && ! $r->day->inflow->muddy => Said::of(
            'The creek already runs clean behind the mud: start in the running creek, then the bay, then the flat, and step the color back from bright to natural once {3 ft} show.',
        ),
        default => Said::of(
            '%.0f %s after the storm: mud stays one to three days. Clean water comes first from the running creek, then the bay, then the flat; step the color back once {3 ft} show.',
            $r->day->daysSinceStorm ?? 0.0,
            $r->day->daysSinceStorm < 1.5 ? 'day' : 'days',
        ),
    },
    'W6' => static fn (Reading $r): ?string => match (true) {
        $r->day->inflow->isWarm() => 'Inflow warmer than the lake: start at the very back of the creek and work outward to the next break, dock row, rock pile.',
        $r->day->inflow->isColdMud()
            && $r->day->schools->chosen('cold_mud') === 'stay_slow' => 'Cold muddy inflow, and you stay: tight to the best cover, loud and slow.',
        $r->day->inflow->isColdMud() => 'Cold muddy inflow is the worst case: leave the creek for main-lake and secondary points, a little deeper.',
        default => null,
    },
    'W7' => static fn (Reading $r): ?Said => $r->day->windMph < 12 ? null
        : (($r->day->spot->depthNearbyFt ?? 0) >= 8
            ? Said::of('{%.0f mph} on a bank with deeper water close by: a feeding bank.', $r->day->windMph)
            : Said::of('{%.0f mph} muddies the bank it blows on and pushes fish shallower there; look for one with {8-12 ft} close by.', $r->day->windMph)),
    'W8' => static fn (Reading $r): Said => Said::of(
        'One per cent of the light is left at {%.1f ft}; below {%.1f ft} a lure is a silhouette, not a color.',
        $r->lightOnePercentFt(),
        Sight::in($r->day->visibilityFt)->silhouetteBelowFt(),
    ),
    'W9' => static fn (Reading $r): ?string => $r->day->tempF < 68 && $r->isAt(Stage::EarlyPrespawn, Stage::Prespawn, Stage::Spawn)
        ? ($r->day->windFromDeg !== null && $r->day->windMph >= 5
            ? sprintf(
                'The warmest water wins in spring: the %s end, into which the wind blows.',
                Direction::words($r->day->windFromDeg + 180),
            )
            : 'The warmest water of the bay wins in spring: measure its sides.') : null,
    'W11' => static fn (Reading $r): ?string => $r->day->tempF >= 84 && $r->isAt(Stage::Summer)
        ? ($r->day->sky->isCovered() || $r->day->front !== Front::Stable ? 'Unsettled weather scatters the deep fish.' : 'Steady heat sets the thermocline and bunches the deep fish.') : null,
    'W12' => static fn (Reading $r): ?Said => match (true) {
        $r->day->spot->isDry => Said::of(
            'This spot is dry today. The plan is for the water off it: look for the same cover with {2 ft} or more left on it, or the first drop outside.',
        ),
        $r->day->isRising() && $r->isAt(Stage::Winter) => null,
        $r->day->isRising() => Said::of(
            'Water up {%.1f ft} in a week: fish move into the new shallow cover at once, river arms first.',
            $r->day->levelChangeFtPerWeek,
        ),
        $r->day->isFalling() && $r->day->spot->deepFt !== null && $r->day->spot->deepFt + $r->day->levelChangeFtPerWeek < 2 => Said::of(
            'Water down {%.1f ft} in a week: of this spot only {%.1f ft} may be left; look for the same cover with {2 ft} or more, or the first drop outside.',
            -$r->day->levelChangeFtPerWeek,
            max(0.0, $r->day->spot->deepFt + $r->day->levelChangeFtPerWeek),
        ),
        $r->day->isFalling() => Said::of(
            'Water down {%.1f ft} in a week: look for the same cover with {2 ft} or more left on it, or the first drop outside.',
            -$r->day->levelChangeFtPerWeek,
        ),
        default => null,
    },
    'W13' => static fn (Reading $r): ?string => $r->day->front === Front::Approaching
        ? 'Falling pressure, the calm before the storm: often the best bite. Stay out of lightning.'
        : null,
    'W14' => static fn (Reading $r): ?Said => $r->day->front->isPost()
        ? Said::of('The front shrank the strike zone to about {%.1f ft}: smaller, slower, more exact casts, every pocket hit.', $r->strikeRadiusFt()) : null,
    'W15' => static fn (Reading $r): ?string => match (true) {
        $r->isAt(Stage::Winter) => null,
        $r->day->sky->isCovered() => 'Clouds lift the fish and let them roam.',
        $r->day->sky->value === 'clear' && ! $r->day->lowLight => 'Bright sun pushes them down, into shade and cover.',
        default => null,
    },
    'W16' => static fn (Reading $r): ?string => $r->day->lowLight && ! $r->day->isNight() ? 'First or last light: the predators have the edge now.' : null,
    'W17' => static fn (Reading $r): ?string => match (true) {
        $r->day->isCalm() => 'Hardly any wind: slower lures.',
        $r->day->isWindAndMurk() => 'Wind, clouds and murk together: spinnerbait.',
        $r->day->isWindy() => 'Wind or chop: moving lures.',
        default => null,
    },
    'W18' => static fn (Reading $r): ?string => $r->shadowWarning(),
    'W21' => static function (Reading $r): ?Said {
        $clearing = Clearing::of($r->day);
        $days = $clearing?->daysUntil(3.0);

        return $clearing === null || $days === null || $days <= 0 ? null : Said::of(
            'Clearing: {3 ft} show in about %.0f %s'.($clearing->guessed ? ', which is a guess until there is a second reading' : ', by the readings so far')
                .'; then step the color from bright to natural.',
            ceil($days),
            ceil($days) <= 1 ? 'day' : 'days',
        );
    },
    'W25' => static function (Reading $r): Said|string|null {
        $next = StageOutlook::of($r);

        return match (true) {
            $next === null => null,
            $next->likelyDays < 1 => "It is turning to {$next->stage->words()} now.",
            default => Said::of(
                'Next comes %s: in about %.0f days, %.0f at the earliest, %.0f at the latest.',
                $next->stage->words(), $next->likelyDays, $next->earliestDays, $next->latestDays,
            ),
        };
    },
    'W26' => static fn (Reading $r): ?string => $r->day->isNight()
        ? 'Night: keep to places you know by day, to lights on docks and to the shallow side of cover; dark lures with a hard outline, loud or with a blade, slow and steady.'
        : null,
    'F24' => static fn (Reading $r): ?Said => match (true) {
        $r->day->marks->fishFt !== null => Said::of('You marked fish at {%.0f ft}: the plan is for that depth.', $r->day->marks->fishFt),
        $r->day->marks->baitFt !== null => Said::of('You marked bait at {%.0f ft}: they hang at it and below it.', $r->day->marks->baitFt),
        $r->day->marks->thermoclineFt !== null && $r->stage->stage->isWarm() => Said::of('Below {%.0f ft} is no air for them now: look above.', $r->day->marks->thermoclineFt),
        default => null,
    },
    'F2' => static fn (Reading $r): ?string => $r->isOfBass(Stage::Winter)
        ? 'Tight groups on hard bottom beside the deepest water of the area'.($r->day->spot->bottom === Bottom::Mud ? '; this bottom is soft, which they avoid.' : '.') : null,
    'F3' => static fn (Reading $r): ?Said => $r->isOfBass(Stage::EarlyPrespawn)
        ? Said::of('Still on main-lake points, humps and drops, {15 to 30 ft} in ordinary water; secondary points next.') : null,
    'F4' => static fn (Reading $r): string|Said|null => $r->isOfBass(Stage::Prespawn)
        ? ($r->day->species === Species::SmallmouthBass ? Said::of(
            'Gravel points at {8 to 12 ft}, eating crawfish.',
        ) : 'Moving in along creek channels: secondary points, bluff-to-gravel, channel bends at the bank, flooded bushes and timber.') : null,
    'F5' => static fn (Reading $r): ?string => $r->isOfBass(Stage::Spawn)
        ? 'Pockets and flats with hard bottom, out of the wind'.(ShadeCounts::matters($r->day) && $r->day->spot->isShaded() ? '.' : ', in the warmest water.').($r->day->visibilityFt >= 6 ? ' Beds can be seen in this water.' : '') : null,
    'F6' => static fn (Reading $r): ?string => $r->isOfBass(Stage::Postspawn)
        ? 'Near the beds guarding fry, then the first cover outside'.($r->day->eats(Forage::Bluegill) ? '; bluegill beds draw them.' : '.') : null,
    'F7' => static fn (Reading $r): string|Said|null => $r->isOfBass(Stage::Summer)
        ? ($r->day->isRising() ? Said::of(
            'After rising water: shallow in the river arms on wood and docks with {3-4 ft}.',
        ) : 'Thick grass and shade, or deep and schooled on points and deep docks.') : null,
    'F8' => static fn (Reading $r): ?string => $r->isOfBass(Stage::EarlyFall, Stage::Fall)
        ? 'Bait moves towards the backwaters; fish follow the break lines and stop at each piece of cover. Try many kinds quickly.' : null,
    'F9' => static fn (Reading $r): ?string => $r->isOfBass(Stage::LateFall)
        ? 'Back out towards the winter places; moving lures still work.' : null,
    'F10' => static fn (Reading $r): ?string => in_array(
        $r->stage->stage,
        [Stage::Prespawn, Stage::Spawn],
        true,
    ) && $r->stand->shallowFt <= 4 && $r->day->species->isBass()
        ? 'New arrivals in shallow water are wary: stay far off, long quiet casts.' : null,
    'F11' => static fn (Reading $r): ?string => match (true) {
        $r->day->species === Species::SpottedBass => $r->isAt(Stage::Spawn)
            ? 'Spotted bass use the bottom now, at spawn.'
            : 'Spotted bass like to suspend, around docks too.',
        $r->day->species === Species::SmallmouthBass && $r->day->spot->isDock() => 'Smallmouth seldom use docks, and then only those over deep, clear water.',
        $r->day->species->group() === 'toothy' => 'An ambusher: weed edges, reeds, pads, overhanging trees, bridge shade, rocks; also the last feet beside the boat.',
        $r->day->species->group() === 'walleyes' => $r->day->current->runs()
            ? 'On the bottom in moving water.'
            : 'On the bottom, or suspended on bait over the open basin.',
        default => null,
    },
    'F13' => static fn (Reading $r): Said => Said::of(
        'They move about {%.1f ft} for a silent lure, {%.1f ft} for a loud one.',
        $r->strikeRadiusFt(),
        $r->strikeRadiusFt(true),
    ),
    'F14' => static fn (Reading $r): ?string => $r->day->saw(Observed::Follows)
        ? 'Followers are marks to come back to with something that stays longer before them; a change of speed may turn one at once.'
        : null,
    'F15' => static fn (Reading $r): ?string => in_array(
        $r->stage->stage,
        [Stage::Winter, Stage::Prespawn, Stage::EarlyPrespawn],
        true,
    ) || ($r->day->species->group() === 'walleyes' && $r->day->current->runs())
        ? 'A fish seldom stands alone now: after a bite work the place again at once.' : null,
    'S8' => static fn (Reading $r): ?string => $r->day->current->runs()
        ? 'In current they sit in the slack behind whatever breaks it, where the push stops: cast above and let it sweep in.' : null,
    'S11' => static fn (Reading $r): ?Said => $r->day->spot->dock?->kind !== DockKind::Floating ? null : match (true) {
        ($r->day->spot->dock->depthFt ?? Dock::USUAL_FT) < Dock::BOTTOM_UNDER_FT => Said::of('Floating dock under {5 ft}: fish on the bottom.'),
        ($r->day->spot->dock->depthFt ?? Dock::USUAL_FT) > Dock::FLOATS_OVER_FT => Said::of(
            'Floating dock over {6 ft}: suspended under the floats, whatever the clarity.',
        ),
        default => Said::of('Floating dock at {5-6 ft}: on the bottom or under the floats, try both.'),
    },
    'S12' => static fn (Reading $r): ?string => $r->day->spot->dock?->kind !== DockKind::Piling ? null
        : 'Piling dock: on the bottom at the posts'.(($r->day->spot->dock->depthFt ?? 0) > Dock::POSTS_TO_FT ? '; this part is deep, go to a shallower one.' : '.'),
    'S14' => static fn (Reading $r): ?Said => $r->day->spot->isDock()
        && Dock::fishHangOff($r->day->visibilityFt, $r->day->spot->dock->depthFt ?? $r->day->spot->deepFt ?? Dock::USUAL_FT)
        ? Said::of('Clear water: fish may hang about {10 ft} off the dock; cast around it first.') : null,
    'S20' => static fn (Reading $r): string|Said|null => ! $r->day->spot->isShaded() ? null : match (true) {
        ShadeCounts::matters($r->day) => 'Shade is cover on its own now: fish the edge where it meets the sun.',
        ShadeCounts::starting($r->day) => Said::of('Under {%.0f °F} shade is only starting to matter.', ShadeCounts::fromF($r->day)),
        $r->day->sky->isCovered() => 'Under clouds there is no shade line to fish.',
        default => 'Too cold for shade: the sunny side is better.',
    },
    'S21' => static fn (Reading $r): string|Said|null => ! $r->day->spot->isShaded() || ! ShadeCounts::matters($r->day) ? null : match (true) {
        ($r->day->spot->shadeWidthFt ?? 0) > 10 => Said::of(
            'The shade is {%.0f ft} wide; {5-10 ft} is best, wider spreads the fish.',
            $r->day->spot->shadeWidthFt,
        ),
        ShadeLine::at($r->day->visibilityFt) === ShadeLine::Murk => Said::of('They sit {2-3 ft} off the bank: parallel casts hard along it.'),
        ShadeLine::at($r->day->visibilityFt) === ShadeLine::Stain => Said::of('They sit in {3-5 ft}; the shade should reach {5-10 ft} out.'),
        default => 'They suspend on the outer edge of the shade.',
    },
    'S3' => static fn (Reading $r): ?string => match ($r->day->schools->chosen('tempo')) {
        'pick_apart' => 'Pick it apart: 5-12 casts at the same target from changed angles.',
        'cover_water' => 'Five to ten casts a spot, then keep moving.',
        default => $r->day->spot->structure !== null && in_array(
            $r->day->spot->structure,
            [Structure::ChannelSwing, Structure::RockPile, Structure::Hump],
            true,
        ) || $r->day->spot->has(Cover::Brush)
            ? 'A definite target gives most of its bites in the first five casts.' : null,
    },
];
