<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

use BackedEnum;

/** A fish that can be logged: one that days are planned for, or a guest. */
interface Fish extends BackedEnum
{
}
