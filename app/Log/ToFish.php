<?php

declare(strict_types=1);

namespace App\Log;

use App\Day\Kept;
use App\Models\RackSlot;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Units;
use App\Waters\DayOnLake;
use App\Waters\LikeTheBest;
use App\Waters\SpotToday;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Plain;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Drill\DrillWater;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Presentation;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Plan\PlaceFits;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Where\Places\RankedPlace;
use OldEddy\Where\Route\RoughWays;

/**
 * What can be fished on a day: the rods on the rack with what makes sense to change about each, and the spots, ready to be offered.
 * What a tap does not change is kept: it is made anew when the day, the rods or the places are others.
 */
final class ToFish
{
    /** So many of the lake's spots are offered, the best of the hour. */
    private const MARKED = 10;

    /** @var Plain<int, RackSlot> the rack, or the rods of the plan while it is empty; and what was fished today */
    public readonly Plain $rods;

    public readonly Choices $choices;

    /** What they are known by beside the day. */
    public readonly string $key;

    /** The rods in the water of the day's spot. */
    public readonly RodsAt $at;

    private ?DayOnLake $onLake = null;

    private ?Plan $plan = null;

    /**
     * @param  Collection<int, Stint>  $stints  of the day, in order of time
     * @param  string  $lakeKey  what the lake and its spots are known by
     */
    public function __construct(
        private readonly Trip $trip, private readonly Reading $reading, Collection $stints, private readonly string $lakeKey,
        private readonly ?Choices $hidden = null,
    ) {
        // The latest first, each once: a slot is made of what is shown alone.
        $fished = $stints->toBase()->reverse()->unique(static fn (Stint $s): string => Presentation::key($s->lure, $s->color))
            ->map(static fn (Stint $stint): RackSlot => new RackSlot($stint->only(RackSlot::PRESENTATION)));
        $rods = match (true) {
            $hidden !== null => collect(DrillWater::rods())->map(static fn (Presentation $p): RackSlot => RackSlot::of($p, $reading->stand->middleFt())),
            $trip->rack->isNotEmpty() => $trip->rack->toBase(),
            default => collect($this->plan()->rods ?? [])->map(self::slot(...)),
        };
        $this->rods = $rods->concat($fished)->unique(static fn (RackSlot $r): string => Presentation::key($r->lure, $r->color))->values();
        $this->at = new RodsAt($this->rods, $reading);
        $make = fn (): Choices => new Choices($this->places($stints), $this->presentations());
        $this->key = $hidden === null ? $this->kept($stints) : "hidden {$trip->drill_seed}";
        $this->choices = $hidden ?? Kept::of($this->key, $reading->day, $make);
    }

    /**
     * The windows of the best shade at some spots, for the ribbon; kept as long as the lake stands as it does.
     *
     * @param  list<string>  $names
     * @return list<Fished>
     */
    public function shades(array $names): array
    {
        return $this->ofLake('shades '.implode("\n", $names), static fn (DayOnLake $lake): array => $lake->shades($names)) ?? [];
    }

    /** @return list<string> what the dock, the current or the shade of the day's spot says now, where it is marked */
    public function says(Units $units): array
    {
        $here = $this->trip->here;
        $minute = $this->reading->day->minuteOfDay;

        return $here === null ? [] : $this->ofLake(
            "says {$here} {$units->metric}", static fn (DayOnLake $lake): array => ($spot = $lake->spotNamed($here)) === null ? [] : (new SpotToday($lake, $spot, $minute))->says($units),
        ) ?? [];
    }

    /** The marked spots most like one that was fished; null where it is not marked. */
    public function like(string $spot): ?LikeTheBest
    {
        return $this->ofLake("like {$spot}", static fn (DayOnLake $lake): ?LikeTheBest => LikeTheBest::of($lake, $spot));
    }

    /**
     * @template T
     *
     * @param  Closure(DayOnLake): T  $reckon
     * @return ?T
     */
    private function ofLake(string $what, Closure $reckon): mixed
    {
        return $this->trip->lake_id === null || $this->hidden !== null ? null : Kept::of(
            hash('xxh128', "{$what} {$this->lakeKey}"), $this->reading->day, fn (): mixed => ($lake = $this->onLake()) === null ? null : $reckon($lake),
        );
    }

    /** The day on its lake, where it has one. */
    private function onLake(): ?DayOnLake
    {
        return $this->onLake ??= $this->trip->lake === null || $this->trip->drill_seed !== null ? null : new DayOnLake($this->trip, $this->trip->lake);
    }

    /** The plan of the day; a hidden day has none. */
    public function plan(): ?Plan
    {
        return $this->plan ??= $this->hidden === null ? Planner::planFor($this->reading) : null;
    }

    /**
     * What the choices hang on beside the day: rods, places fished, the lake with its spots, where one is and how fast one goes.
     *
     * @param  Collection<int, Stint>  $stints
     */
    private function kept(Collection $stints): string
    {
        $places = $stints->toBase()->keyBy('spot')->map(static fn (Stint $s): array => $s->only(['structure', 'cover', 'cover_part', 'light', 'water_depth_ft']));
        $rods = $this->rods->map(static fn (RackSlot $r): array => $r->only(RackSlot::PRESENTATION))->all();

        return 'choices '.hash('xxh128', serialize([
            $this->trip->user_id, $this->trip->lake_id, $this->lakeKey, $rods, $places->all(), $stints->last()?->spot,
            $this->trip->route?->asked->craft->speed->mph(),
        ]));
    }

    private static function slot(Entry $rod): RackSlot
    {
        return new RackSlot(['lure' => $rod->lure->key, 'color' => $rod->colors()[0]->family->value, ...$rod->setup()->rigged()]);
    }

    /** @return list<Presentation> each rod as it is, and with one part changed at a time (M9) */
    private function presentations(): array
    {
        $scores = [];
        foreach ($this->plan()->lineup ?? [] as $entry) {
            $scores[$entry->lure->key] = $entry->score;
        }
        $worst = $scores === [] ? 1.0 : min($scores);
        $made = [];
        foreach ($this->rods as $i => $rod) {
            $as = $rod->presentation($this->at->setups()[$i], $scores[$rod->lure] ?? $worst);
            array_push($made, $as, ...$as->changed($this->at->variants()[$rod->lure]));
        }

        return $made;
    }

    /**
     * @param  Collection<int, Stint>  $stints
     * @return list<Fishable>
     */
    private function places(Collection $stints): array
    {
        $fished = array_values($stints->toBase()->groupBy('spot')->map(static fn (Plain $here): Fishable => self::fished($here->last()))->all());
        $known = array_map(static fn (Fishable $p): string => $p->name, $fished);
        $lake = $this->onLake();
        $marked = $lake === null ? [] : array_map(
            fn (RankedPlace $r): Fishable => $r->place->toFish($this->reading->stand->middleFt(), $this->reading->day->riseFt()),
            $lake->ranked($this->reading->day->minuteOfDay),
        );
        $marked = array_slice(array_values(array_filter($marked, static fn (Fishable $p): bool => ! in_array($p->name, $known, true))), 0, self::MARKED);
        if ($marked === [] && $fished !== []) {
            // Where no spot is marked there is always another place to go to.
            $marked = [new Fishable('Spot '.(count($fished) + 1))];
        }
        $ways = $lake?->minutesFrom($stints->last()?->spot) ?? [];
        $day = fn (string $name): Settled => $lake?->sectionDay($name) ?? $this->reading->day;

        return array_map(
            fn (Fishable $p): Fishable => $p->with($ways[$p->name] ?? RoughWays::UNKNOWN_MIN, $this->fits($p, $day($p->name))), [...$fished, ...$marked],
        );
    }

    private static function fished(Stint $last): Fishable
    {
        return new Fishable($last->spot, $last->structure, $last->cover, $last->cover_part, $last->light, $last->water_depth_ft);
    }

    /** @return array<string, float> how each lure of the rods fits a place by its own lineup (M21) */
    private function fits(Fishable $place, Settled $day): array
    {
        $lures = array_keys($this->at->variants());

        $structure = Structure::tryFrom((string) $place->structure);
        $cover = Cover::tryFrom((string) $place->cover);

        return $lures === [] ? [] : PlaceFits::at($day, $structure, $cover, $place->waterDepthFt, $place->light, $lures);
    }
}
