<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** One lake holds several seasons at once: its day as it is in each section that has water of its own (rule W10). */
final class SectionDays
{
    /** @return array<string, Settled> by the name of the section */
    public static function of(Conditions $told): array
    {
        $days = [];
        foreach ($told->sections as $section) {
            if ($section->own() !== []) {
                $days[$section->name] = Settler::settle($told->overall()->inSection($section->name));
            }
        }

        return $days;
    }
}
