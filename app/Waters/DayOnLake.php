<?php

declare(strict_types=1);

namespace App\Waters;

use App\Day\Kept;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use Closure;
use Illuminate\Support\Facades\DB;
use OldEddy\Basics\Units\Speed;
use OldEddy\Day\Conditions\SectionDays;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Where\Places\DayByHour;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Lookalikes;
use OldEddy\Where\Places\OwnRecord;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\PlaceRanking;
use OldEddy\Where\Places\RankedPlace;
use OldEddy\Where\Route\RoughWays;
use OldEddy\Where\Shade\ShadeDay;

/** A day on its lake: the spots as places, what one's own log says of them, and the ranking by the hour. */
final class DayOnLake
{
    /** So many banks get a line on the ribbon. */
    private const SHADES = 3;

    /** How fast one goes where no route says it. */
    private const USUAL_MPH = 15.0;

    /** So many lookalikes are told. */
    private const ALIKE = 5;

    /** Spots whose fit is told hour by hour, and among which a route chooses: the best of the day. */
    public const CLOSELY = 40;

    /** Hours at which all spots are held against each other first. */
    private const LOOKS = [7 * 60, 12 * 60, 18 * 60];

    /** @var list<LakeSpot> those with water on them today */
    public readonly array $spots;

    /** @var list<LakeSpot> those without (W12) */
    public readonly array $dry;

    /** @var list<Place> */
    public readonly array $places;

    public readonly Settled $day;

    /** @var array<string, Settled> it in sections with water of their own, by name (W10) */
    public readonly array $sections;

    /** @var array<string, OwnRecord> what one's own days say, by the name of the spot */
    public readonly array $records;

    /** The deepest place of the lake today. */
    public readonly ?float $deepestFt;

    /** @var array<string, DayByHour> by the names asked for */
    private array $byHour = [];

    public function __construct(public readonly Trip $trip, public readonly Lake $lake)
    {
        $told = $trip->told();
        $this->day = Settler::settle($told->overall());
        $this->sections = $told->sections === [] ? []
            : Kept::of('sections '.hash('xxh128', serialize($told->sections)), $this->day, static fn (): array => SectionDays::of($told));
        [$spots, $dry, $places] = [[], [], []];
        foreach ($lake->spots as $spot) {
            $place = $lake->placeOf($spot);
            if ($place->isDryAt($this->day->riseFt())) {
                $dry[] = $spot;
            } else {
                [$spots[], $places[]] = [$spot, $place];
            }
        }
        [$this->spots, $this->dry, $this->places] = [$spots, $dry, $places];
        $this->records = $this->records();
        $deepest = $lake->deepest();
        $this->deepestFt = $deepest === null ? null : max(1.0, $deepest + $this->day->riseFt());
    }

    /** @return list<RankedPlace> best first, at a minute of the day */
    public function ranked(int $minute): array
    {
        return PlaceRanking::at($this->places, $this->at($minute), $this->records);
    }

    public function at(int $minute): Hour
    {
        return Hour::of($this->day, $minute, $this->deepestFt, sections: $this->sections);
    }

    /** A spot with water on it, by its name; null where there is none of that name. */
    public function spotNamed(string $name): ?LakeSpot
    {
        return array_column($this->spots, null, 'name')[$name] ?? null;
    }

    /** The day where a spot lies, by its name; null where that is the lake's own. */
    public function sectionDay(string $spot): ?Settled
    {
        return $this->sections[array_column($this->places, 'section', 'name')[$spot] ?? ''] ?? null;
    }

    /** @return array<string, float> about how many minutes it is from a spot to each, by name; nothing where the spot is not marked */
    public function minutesFrom(?string $name): array
    {
        $here = $name === null ? null : $this->spotNamed($name);
        $speed = $this->trip->route->asked->craft->speed ?? Speed::fromMph(self::USUAL_MPH);
        $minutes = [];
        foreach ($here === null ? [] : $this->spots as $spot) {
            $minutes[$spot->name] = $spot->id === $here->id ? 0.0 : RoughWays::minutes($here->position(), $spot->position(), $speed);
        }

        return $minutes;
    }

    /** @param  list<string>  $names */
    public function byHour(array $names): DayByHour
    {
        return $this->byHour[serialize($names)] ??= $this->kept('places by hour '.implode("\n", $names), fn (): DayByHour => DayByHour::of(
            array_values(array_filter($this->places, static fn (Place $p): bool => in_array($p->name, $names, true))),
            $this->day,
            $this->records,
            $this->deepestFt,
            $this->sections,
        ));
    }

    /** @return list<string> the names of the spots that promise most at one hour of the day or another, best first */
    public function bestOfTheDay(): array
    {
        return $this->kept('best places', $this->best(...));
    }

    /**
     * What is reckoned over the whole day, kept as long as day, spots and records stay as they are.
     *
     * @template T
     *
     * @param  Closure(): T  $reckon
     * @return T
     */
    private function kept(string $what, Closure $reckon): mixed
    {
        return Kept::of(hash('xxh128', $what.serialize([$this->places, $this->records, $this->deepestFt, $this->sections])), $this->day, $reckon);
    }

    /** @return list<string> */
    private function best(): array
    {
        $best = [];
        foreach (self::LOOKS as $minute) {
            foreach ($this->ranked($minute) as $r) {
                $best[$r->place->name] = max($best[$r->place->name] ?? 0.0, $r->fit);
            }
        }
        arsort($best);

        return array_map(strval(...), array_slice(array_keys($best), 0, self::CLOSELY));
    }

    /** @return array<string, list<array{place: Place, pinch: bool}>> the walks to the backwaters by section, in fall (S27) */
    public function walks(int $minute): array
    {
        return $this->kept("walks {$minute} {$this->lake->shapeKey()}", fn (): array => WalkBack::of($this, $minute));
    }

    /** @return list<array{place: Place, likeness: float, shared: list<string>}> the spots most like one of them */
    public function like(LakeSpot $spot): array
    {
        return array_slice(Lookalikes::of($spot->place(), $this->places), 0, self::ALIKE);
    }

    /**
     * The windows of the best shade at some spots, for the ribbon.
     *
     * @param  list<string>  $names
     * @return list<Fished> of the first few spots that have such a window
     */
    public function shades(array $names): array
    {
        $sun = $this->day->sky->isCovered() ? null : $this->day->sunDay;
        $by = array_column($this->places, null, 'name');
        $windows = [];
        foreach ($sun === null ? [] : array_unique($names) as $name) {
            $bank = ($by[$name] ?? null)?->shade();
            $open = $bank === null ? [] : (new ShadeDay($bank, $sun))->windows();
            if ($open !== []) {
                $windows[] = array_map(static fn (array $w): Fished => new Fished($w[0], $w[1], $name, []), $open);
            }
            // A day of sun is long to reckon: no more banks than are drawn.
            if (count($windows) === self::SHADES) {
                break;
            }
        }

        return array_merge(...$windows);
    }

    /** @return array<int, OwnRecord> what today's log says of each spot that was fished, by its id */
    public function today(): array
    {
        $records = [];
        foreach (DB::table('spot_sums')->where('trip_id', $this->trip->id)->whereNotNull('spot_id')->get(['spot_id', 'casts', 'contacts_weighed']) as $row) {
            $records[(int) $row->spot_id] = new OwnRecord((int) $row->casts, (float) $row->contacts_weighed);
        }

        return $records;
    }

    /** @return array<string, OwnRecord> what one's own days in the same stage say of each spot, today left out */
    private function records(): array
    {
        // A spot that was renamed keeps what was fished there: the sums know it by its id.
        $name = 'coalesce(spots.name, spot_sums.spot)';
        $rows = $this->trip->otherDays($this->trip->stage)->where('trips.lake_id', $this->lake->id)
            ->join('spot_sums', 'trips.id', '=', 'spot_sums.trip_id')->leftJoin('spots', 'spots.id', '=', 'spot_sums.spot_id')
            ->groupByRaw($name)->selectRaw("{$name} as place, sum(casts) as casts, sum(spot_sums.contacts_weighed) as contacts")->get();
        $records = [];
        foreach ($rows as $row) {
            $records[(string) $row->place] = new OwnRecord((int) $row->casts, (float) $row->contacts);
        }

        return $records;
    }
}
