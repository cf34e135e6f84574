<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** How to handle a lure beyond its retrieve. The rows stand in handling.php. */
final class Handling
{
    /** @return array<string, string> sentence by rule id, those that apply to this lure on this day */
    public static function of(LureFamily $lure, Reading $reading): array
    {
        static $rows = null;
        $rows ??= require __DIR__.'/handling.php';
        $found = [];
        foreach ($rows as $id => [$when, $text]) {
            if ($when($lure, $reading)) {
                $found[$id] = $text;
            }
        }

        return $found;
    }
}
