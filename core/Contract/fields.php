<?php

declare(strict_types=1);

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\DockPart;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Platform;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\PreyColor;
use OldEddy\Day\Conditions\RelativeTemp;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\SoundedBottom;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Evidence\LostBy;
use OldEddy\Log\Fish\WeighedBy;
use OldEddy\Where\Docks\Extra;

// The fields: path => [kind, words, ...]; number and whole: unit, least, most; text: most characters; one and some: options,
// an enum or a list. How far a number goes is our own choice: what water can be.
$light = ['one', 'light', ['sun', 'shade', 'low']];
$part = ['one', 'part of the cover', ['edge', 'middle']];
$lures = Catalog::keys();

return [
    'day' => [
        'species' => ['one', 'Fish', Species::class],
        'date' => ['date', 'Date'],
        'time' => ['time', 'Time'],
        'timezone' => ['text', 'Time zone', 64],
        'lat' => ['number', 'Degrees north', 'degrees', -90, 90],
        'lon' => ['number', 'Degrees east', 'degrees', -180, 180],
        'waterbody' => ['one', 'Water', Waterbody::class],
        'stage' => ['one', 'Stage, if you know better', Stage::class],
        'water.temp_f' => ['number', 'Surface temperature', '°F', 30, 104],
        'water.temp_trend_f_per_day' => ['number', 'Trend a day', '°F a day', -15, 15],
        'water.visibility_ft' => ['number', 'Visibility today', 'ft', 0, 130],
        'water.normal_visibility_ft' => ['number', 'Usual visibility here', 'ft', 0.1, 130],
        'water.level_change_ft_per_week' => ['number', 'Level in a week', 'ft a week', -60, 60],
        'water.level_ft' => ['number', 'Level against the map', 'ft', -200, 200],
        'water.pool_ft' => ['number', 'Pool by the gauge', 'ft', -1500, 20000],
        'water.pool_reference_ft' => ['number', 'Gauge at the map\'s level', 'ft', -1500, 20000],
        'water.current' => ['one', 'Current', Current::class],
        'water.inflow.running' => ['yes_no', 'Creek running in'],
        'water.inflow.relative_temp' => ['one', 'Inflow is', RelativeTemp::class],
        'water.inflow.muddy' => ['yes_no', 'Inflow muddy'],
        'water.days_since_storm' => ['number', 'Days since the storm', 'days', 0, 60],
        'weather.sky' => ['one', 'Sky', Sky::class],
        'weather.wind_mph' => ['number', 'Wind', 'mph', 0, 120],
        'weather.wind_from_deg' => ['number', 'Wind from', 'degrees', 0, 360],
        'weather.front' => ['one', 'Front', Front::class],
        'spot.structure' => ['one', 'Structure', Structure::class],
        'spot.cover' => ['some', 'Cover', Cover::class],
        'spot.bottom' => ['one', 'Bottom', Bottom::class],
        'spot.shallow_ft' => ['number', 'Shallowest', 'ft', 0, 1000],
        'spot.deep_ft' => ['number', 'Deepest', 'ft', 0, 1000],
        'spot.depth_nearby_ft' => ['number', 'Deepest close by', 'ft', 0, 1000],
        'spot.shaded' => ['yes_no', 'In the shade'],
        'spot.shade_width_ft' => ['number', 'Shade width', 'ft', 0, 500],
        'spot.cast_bearing_deg' => ['number', 'Casting toward', 'degrees', 0, 360],
        'spot.dock.kind' => ['one', 'Dock', DockKind::class],
        'spot.dock.part' => ['one', 'Dock part', DockPart::class],
        'spot.dock.depth_ft' => ['number', 'Depth at the dock', 'ft', 0.1, 200],
        'forage' => ['some', 'Forage', Forage::class],
        'observed' => ['some', 'Signs', Observed::class],
        'sounder.fish_ft' => ['number', 'Fish marked at', 'ft', 0.5, 300],
        'sounder.bait_ft' => ['number', 'Bait marked at', 'ft', 0.5, 300],
        'sounder.bottom' => ['one', 'Bottom on the sounder', SoundedBottom::class],
        'sounder.thermocline_ft' => ['number', 'Thermocline at', 'ft', 3, 300],
        'seen_prey.0.prey' => ['one', 'Prey you saw', Forage::class],
        'seen_prey.0.color' => ['one', 'Its color', PreyColor::class],
        'pressure' => ['one', 'Fishing pressure', Pressure::class],
        'mode' => ['one', 'Cast or trolled', Mode::class],
        'platform' => ['one', 'From', Platform::class],
        'rods' => ['whole', 'Rods to rig', '', 1, 12],
        'owned' => ['some', 'Lures you have; none marked means all', $lures],
    ],
    'spot' => [
        'name' => ['text', 'name', 80],
        'lat' => ['number', 'degrees north', 'degrees', -90, 90],
        'lon' => ['number', 'degrees east', 'degrees', -180, 180],
        'structure' => ['one', 'structure', Structure::class],
        'cover' => ['some', 'cover', Cover::class],
        'bottom' => ['one', 'bottom', Bottom::class],
        'shallow_ft' => ['number', 'shallowest', 'ft', 0, 1000],
        'deep_ft' => ['number', 'deepest', 'ft', 0, 1000],
        'depth_nearby_ft' => ['number', 'deepest close by', 'ft', 0, 1000],
        'bank_faces_deg' => ['number', 'bank faces, degrees', 'degrees', 0, 360],
        'object_height_ft' => ['number', 'trees or bluff, height', 'ft', 0, 1000],
        'setback_ft' => ['number', 'set back from the water', 'ft', 0, 1000],
        'flows_to_deg' => ['number', 'current flows toward, degrees', 'degrees', 0, 360],
    ],
    'dock' => [
        'kind' => ['one', 'kind of dock', DockKind::class],
        'inside_ft' => ['number', 'depth inside', 'ft', 0, 200],
        'outside_ft' => ['number', 'depth outside', 'ft', 0, 200],
        'walkway_ft' => ['number', 'length of the walkway', 'ft', 0, 500],
        'extras' => ['some', 'what is on it and beside it', Extra::class],
    ],
    'stint' => [
        'spot' => ['text', 'spot', 80],
        'lure' => ['one', 'lure', $lures],
        'color' => ['one', 'color', ColorFamily::class],
        'retrieve' => ['text', 'retrieve', 40],
        'angler' => ['text', 'angler', 40],
        'depth_ft' => ['number', 'depth', 'ft', 0, Limits::DEPTH_FT],
        'water_depth_ft' => ['number', 'depth of the water', 'ft', 0, Limits::DEPTH_FT],
        'weight_oz' => ['number', 'weight', 'oz', Limits::LEAST_WEIGHT_OZ, Limits::WEIGHT_OZ],
        'length_in' => ['number', 'length', 'in', Limits::LEAST_LENGTH_IN, Limits::LURE_IN],
        'cast' => ['one', 'cast', Setup::CASTS],
        'casts' => ['whole', 'casts', '', 0, Limits::CASTS],
        'minutes' => ['number', 'minutes', 'minutes', 0, 1440],
        'structure' => ['one', 'structure', Structure::class],
        'cover' => ['one', 'cover', Cover::class],
        'cover_part' => $part,
        'light' => $light,
    ],
    'contact' => [
        'kind' => ['one', 'kind', ContactKind::class],
        'species' => ['one', 'species', ColdwaterGuest::allKeys()],
        'length_in' => ['number', 'length', 'in', 1, Limits::LENGTH_IN],
        'hooked' => ['one', 'hooked', Hooked::class],
        'at_cast' => ['whole', 'cast', '', 0, Limits::CASTS],
        'weight_lb' => ['number', 'weight', 'lb', 0.01, Limits::FISH_LB],
        'lost_by' => ['one', 'how it was lost', LostBy::class],
        'forage' => ['one', 'forage', Forage::class],
        'depth_ft' => ['number', 'depth', 'ft', 0, Limits::DEPTH_FT],
        'cover' => ['one', 'cover', Cover::class],
        'cover_part' => $part,
        'light' => $light,
    ],
    // What is taken of a fish in the hand, beside what it did.
    'fish' => [
        'weighed_by' => ['one', 'how it was weighed', WeighedBy::typed()],
        'girth_in' => ['number', 'girth', 'in', 1, Limits::LENGTH_IN],
        'kept' => ['one', 'kept', ['yes', 'no']],
    ],
];
