<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Plan\Cautions\Caution;
use OldEddy\Plan\Cautions\Cautions;

/** What there is to do while a fish is on, short, in the order of doing it. Basis: rules R20 and CAUTIONS. */
final class FishOn
{
    /** Cautions that are for the fish in the hand. */
    private const OF_THE_FISH = ['warm_water', 'toothy', 'deep_fish', 'beds'];

    private const LINE_STOPS = [Cover::LilyPads, Cover::Reeds, Cover::Dock, Cover::GrassMatted];

    /** @return non-empty-list<string|Said> with this lure, here and today */
    public static function jobs(Setup $setup): array
    {
        $covers = array_filter($setup->reading->day->spot->covers, static fn (Cover $c): bool => in_array($c, self::LINE_STOPS, true));
        $first = array_values($covers)[0] ?? null;
        $jobs = [match (true) {
            $first !== null => 'Pull hard at once, out of the '.$first->words().'.',
            $setup->lure->rigging->exposure === Exposure::Treble => 'Trebles: ease the drag, play it slowly on the soft rod.',
            default => 'Ease the drag now that the hook is set.',
        }];
        $jobs[] = 'Net in the water on the side where the fish is; lead it in head first. Wet hands, wet mat, pliers ready.';
        $cautions = array_filter(Cautions::of($setup->reading, [$setup->lure->key]), static fn (Caution $c): bool => in_array($c->id, self::OF_THE_FISH, true));

        return [...$jobs, ...array_map(static fn (Caution $c): string|Said => $c->text, array_values($cautions)), 'Hook deep in the throat: cut the line.'];
    }
}
