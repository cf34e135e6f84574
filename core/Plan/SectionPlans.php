<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Day\Conditions\Conditions;
use OldEddy\Day\Conditions\Section;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\WaterReader;

/** One lake holds several seasons at once: each section is read by itself (rule W10). */
final class SectionPlans
{
    private const SHOWN = 3;

    /** @return list<SectionPlan> in the order given */
    public static function of(Conditions $told): array
    {
        return array_map(static fn (Section $section): SectionPlan => self::plan($told, $section), $told->sections);
    }

    private static function plan(Conditions $told, Section $section): SectionPlan
    {
        $reading = WaterReader::read(Settler::settle($told->overall()->inSection($section->name)));

        return new SectionPlan($section->name, $reading, LureRanking::of($reading)->best(self::SHOWN));
    }
}
