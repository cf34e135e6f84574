<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the bottom does at a spot. */
enum Structure: string
{
    use Words;

    case Point = 'point';
    case MainPoint = 'main_point';
    case SecondaryPoint = 'secondary_point';
    case Hump = 'hump';
    case RockPile = 'rock_pile';
    case Ledge = 'ledge';
    case ChannelSwing = 'channel_swing';
    case CreekBend = 'creek_bend';
    case Flat = 'flat';
    case BluffTransition = 'bluff_transition';
    case CreekMouth = 'creek_mouth';
    case BackOfCreek = 'back_of_creek';
    case GravelBar = 'gravel_bar';
    case CurrentSeam = 'current_seam';
    case Eddy = 'eddy';
    case Island = 'island';
    case Riprap = 'riprap';
    case Ramp = 'ramp';
    case Bridge = 'bridge';
    case Dock = 'dock';
    case Notch = 'notch';
    case Saddle = 'saddle';
    case Basin = 'basin';
}
