<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Untested;
use OldEddy\Log\Next\Choices;

/** What was possible today and the log does not show, the most promising first. Basis: rule M3; how many is our own choice. */
final class NeverTried
{
    /** So many lures of the lineup count as possible. */
    private const LURES = 8;

    /** @return list<Untested> of what a plan named */
    public static function ofPlan(Plan $plan, Evidence $evidence): array
    {
        $possible = ['lure' => [], 'depth' => [], 'cover' => []];
        foreach (array_slice($plan->lineup, 0, self::LURES) as $entry) {
            $possible['lure'][$entry->lure->key] = $entry->score;
        }
        $stand = $plan->reading->stand;
        for ($depth = $stand->shallowFt; $depth <= $stand->deepFt; $depth += 1) {
            $possible['depth'][Stint::depthLevel($depth)] = 1.0;
        }
        foreach ($stand->covers as $i => $cover) {
            $possible['cover'][$cover->value] = 1 / ($i + 1);
        }

        return Untested::worthTrying($evidence, $possible);
    }

    /** @return list<Untested> of what lay at hand, where no plan is told */
    public static function ofChoices(Choices $choices, Evidence $evidence): array
    {
        $possible = ['lure' => [], 'depth' => [], 'cover' => []];
        foreach ($choices->places as $place) {
            foreach (array_intersect_key($place->levels(), $possible) as $factor => $level) {
                $possible[$factor][$level] = 1.0;
            }
        }
        foreach ($choices->presentations as $presentation) {
            $possible['lure'][$presentation->lure] = 1.0;
        }

        return Untested::worthTrying($evidence, $possible);
    }
}
