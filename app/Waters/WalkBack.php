<?php

declare(strict_types=1);

namespace App\Waters;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Places\Backwater;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Route\Craft;
use OldEddy\Where\Route\Runs;
use OldEddy\Where\Route\Sea;

/** The walks to the backwaters of a lake in fall, arm by arm (S27). */
final class WalkBack
{
    /** What is not named belongs to the lake as a whole. */
    private const WHOLE = '';

    private const TOLD = 15;

    /**
     * By the name of the section; nothing out of season, or where no way over the water is known.
     *
     * @return array<string, list<array{place: Place, pinch: bool}>>
     */
    public static function of(DayOnLake $day, int $minute): array
    {
        $grid = $day->lake->gridAt($day->day->riseFt());
        if ($grid === null || ! Backwater::isTime($day->at($minute)->reading->stage->stage)) {
            return [];
        }
        $from = Backwater::mainLake(Ground::of($grid->coarser(2)));
        $runs = new Runs(new Craft(Speed::fromMph(1)), WaysOver::of($day->lake, $grid, $day->day->riseFt()), Sea::flat());
        $arms = [];
        foreach ($from === null ? [] : $day->places as $i => $place) {
            $way = $runs->between($from, $day->spots[$i]->position());
            $arms[$place->section ?? self::WHOLE][] = [$place, $way === [] ? INF : Runs::feet($way)];
        }
        // The main lake itself has no back.
        $main = $from === null ? null : $day->lake->sectionOf($from);

        return array_filter(array_map(
            static fn (array $arm): array => array_slice(Backwater::walk(array_column($arm, 0), array_column($arm, 1)), 0, self::TOLD),
            array_diff_key($arms, $main === null ? [] : [$main => 0]),
        ));
    }
}
