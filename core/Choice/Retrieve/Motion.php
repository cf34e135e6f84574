<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Words;

/** One kind of step in a retrieve. */
enum Motion: string
{
    use Words;

    case Fall = 'fall';
    case Wind = 'wind';
    case Jerk = 'jerk';
    case Twitch = 'twitch';
    case Pop = 'pop';
    case Hop = 'hop';
    case Lift = 'lift';
    case Shake = 'shake';
    case Pause = 'pause';
    case Deflect = 'deflect';
    case Kill = 'kill';
    case FigureEight = 'figure_eight';
    case Drag = 'drag';
}
