<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Pattern;

/** What is said once, an hour before the sun is down: low light moves fish up and shallow (rules W18, W20). */
final class LastHour
{
    public const MINUTES = 60;

    /** The sentence, with the clock time of sunset. */
    public static function words(Pattern $pattern, string $sunset): Said
    {
        return $pattern->leads()
            ? Said::of('The last hour (the sun is down at %s). What held: %s', $sunset, $pattern->text)
            : Said::of('The last hour (the sun is down at %s): light goes, fish move up. Shallow and near the surface once more.', $sunset);
    }
}
