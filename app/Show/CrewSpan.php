<?php

declare(strict_types=1);

namespace App\Show;

use OldEddy\Log\Evidence\Crew;
use OldEddy\Log\Evidence\CrewMember;

/** Where a rate stands on the line that all of a crew share. */
final class CrewSpan
{
    /** @param  float  $perCast  contacts per cast */
    public static function x(Crew $crew, float $perCast): float
    {
        $most = max(array_map(static fn (CrewMember $m): float => $m->span()[1], $crew->members));

        return round(3 + 94 * $perCast / $most, 1);
    }
}
