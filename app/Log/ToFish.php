<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\RackSlot;
use App\Models\Stint;
use App\Models\Trip;
use App\Waters\DayOnLake;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Plain;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Drill\DrillWater;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Presentation;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Where\Places\RankedPlace;

/** What can be fished on a day: the rods on the rack and the spots, ready to be offered. */
final readonly class ToFish
{
    /** So many of the lake's spots are offered, the best of the hour. */
    private const MARKED = 10;

    /** @var Plain<int, RackSlot> the rack, or the rods of the plan while it is empty; and what was fished today */
    public Plain $rods;

    /** @var array<int, Setup> as each rod is fished, by its place among the rods */
    public array $setups;

    public Choices $choices;

    /** The day on its lake, where it has one. */
    public ?DayOnLake $onLake;

    /** The plan of the day; a hidden day has none. */
    public ?Plan $plan;

    /** @param  Collection<int, Stint>  $stints  of the day, in order of time */
    public function __construct(Trip $trip, Reading $reading, Collection $stints)
    {
        $scores = [];
        $this->onLake = $trip->lake === null || $trip->drill_seed !== null ? null : new DayOnLake($trip, $trip->lake);
        $this->plan = $plan = $trip->drill_seed === null ? Planner::planFor($reading) : null;
        if ($plan === null) {
            $rods = collect(DrillWater::choices()->presentations)->map(
                static fn (Presentation $p): RackSlot => new RackSlot(
                    ['lure' => $p->lure, 'color' => $p->color, 'depth_ft' => $reading->stand->middleFt(), 'retrieve' => $p->retrieve],
                ),
            );
        } else {
            foreach ($plan->lineup as $entry) {
                $scores[$entry->lure->key] = $entry->score;
            }
            $rods = $trip->rack->isNotEmpty() ? $trip->rack->toBase() : collect($plan->rods)->map(self::slot(...));
        }
        $fished = $stints->toBase()->map(static fn (Stint $stint): RackSlot => new RackSlot($stint->only(['lure', 'color', 'depth_ft', 'retrieve'])));
        $this->rods = $rods->concat($fished->reverse())->unique(static fn (RackSlot $r): string => Presentation::key($r->lure, $r->color))->values();
        $this->setups = $this->rods->map(static fn (RackSlot $r): Setup => Setup::of(Catalog::get($r->lure), $reading, new Wish(depthFt: $r->depth_ft)))->all();
        $worst = $scores === [] ? 1.0 : min($scores);
        $this->choices = new Choices(
            $trip->drill_seed !== null ? DrillWater::choices()->places : $this->places($reading, $stints),
            array_values($this->rods->map(
                fn (RackSlot $r, int $i): Presentation => new Presentation(
                    $r->lure,
                    $r->color,
                    $r->retrieve,
                    $this->setups[$i]->cadence->meanSpeedFtS(),
                    Catalog::get($r->lure)->appeal->compact,
                    $scores[$r->lure] ?? $worst,
                    $r->depth_ft,
                ),
            )->all()),
        );
    }

    private static function slot(Entry $rod): RackSlot
    {
        return new RackSlot(
            [
                'lure' => $rod->lure->key, 'color' => $rod->colors()[0]->family->value, 'depth_ft' => $rod->setup()->depthFt,
                'retrieve' => $rod->setup()->cadence->key,
            ],
        );
    }

    /**
     * @param  Collection<int, Stint>  $stints
     * @return list<Fishable>
     */
    private function places(Reading $reading, Collection $stints): array
    {
        $fished = array_values($stints->toBase()->groupBy('spot')->map(static function (Plain $here, string $name): Fishable {
            /** @var Stint $last */
            $last = $here->last();

            return new Fishable($name, $last->structure, $last->cover, $last->cover_part, $last->light, $last->depth_ft);
        })->all());
        if ($this->onLake === null) {
            return $fished;
        }
        $known = array_map(static fn (Fishable $p): string => $p->name, $fished);
        $marked = array_map(
            static fn (RankedPlace $r): Fishable => $r->place->toFish($reading->stand->middleFt(), $reading->day->riseFt()),
            $this->onLake->ranked($reading->day->minuteOfDay),
        );

        return [
            ...$fished,
            ...array_slice(array_values(array_filter($marked, static fn (Fishable $p): bool => ! in_array($p->name, $known, true))), 0, self::MARKED),
        ];
    }
}
