<?php

declare(strict_types=1);

namespace OldEddy\Choice\Color;

use OldEddy\Basics\Words;

/** The color families. */
enum ColorFamily: string
{
    use Words;

    case Bright = 'bright';
    case DarkContrast = 'dark_contrast';
    case CrawRed = 'craw_red';
    case NaturalBaitfish = 'natural_baitfish';
    case NaturalCraw = 'natural_craw';
    case Bluegill = 'bluegill';
    case Perch = 'perch';
    case Frog = 'frog';
    case White = 'white';
    case Black = 'black';
    case Brown = 'brown';
    case Silver = 'silver';
    case Gold = 'gold';
    case Orange = 'orange';
    case BlackChartreuseSpots = 'black_chartreuse_spots';
    case BrightBanded = 'bright_banded';
    case ChartreuseShad = 'chartreuse_shad';
}
