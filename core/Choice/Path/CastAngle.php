<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

/** How the cast lies to the break, weed line or bank: along it or across it (rule S4). */
enum CastAngle: string
{
    case Parallel = 'parallel';
    case Crossing = 'crossing';
}
