<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\DaySums;
use App\Models\Trip;
use App\Waters\DayOnLake;
use Illuminate\Support\Facades\DB;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Reading\WaterReader;
use OldEddy\Year\Likeness;
use OldEddy\Year\OtherDays;
use OldEddy\Year\PastDay;

/** What an angler's other days say before one begins (Y1, Y2): the same time in other years, and days like this one. */
final readonly class Before
{
    /** So many places with their lures are told, and so many days are looked into. */
    private const TOLD = 12;

    private const LOOKED_INTO = 20;

    /** So many rods and places are taken over. */
    private const TAKEN = 5;

    public PastDay $today;

    /** @var list<PastDay> the same time in other years */
    public array $sameTime;

    /** @var list<Likeness> days like it */
    public array $alike;

    /** @var array<int, \stdClass> the rows of the days that are told of, by id */
    public array $rows;

    public function __construct(public Trip $trip)
    {
        DaySums::freshen($trip->user_id);
        $reading = WaterReader::read(Settler::settle($trip->told()->overall()));
        $this->today = PastDay::of($trip->id, (string) ($trip->conditions['date'] ?? '9999-12-31'), $trip->lake_id, $reading->day, $reading->stage->stage);
        $rows = $this->fished();
        $past = array_map(self::past(...), $rows);
        $this->sameTime = isset($trip->conditions['date']) ? OtherDays::sameTime(array_values($past), $this->today) : [];
        $this->alike = OtherDays::like(array_values($past), $this->today);
        $this->rows = array_intersect_key($rows, array_flip([...$this->idsOf('same'), ...$this->idsOf('like')]));
    }

    /**
     * Place, lure and depth of some days, what paid most first; places that are dry or gone today are said to be.
     *
     * @param  string  $which  same: the same time in other years; like: days like it
     * @return list<Paid>
     */
    public function paid(string $which): array
    {
        $days = array_slice($this->idsOf($which), 0, self::LOOKED_INTO);
        $weights = implode(' ', array_map(static fn (ContactKind $k): string => "when '{$k->value}' then {$k->weight()}", ContactKind::cases()));
        $rows = DB::table('stints')->join('trips', 'trips.id', '=', 'stints.trip_id')->where('trips.user_id', $this->trip->user_id)->whereIn('trips.id', $days)
            ->whereNull('stints.deleted_at')->where('cast_count', '>', 0)
            ->leftJoin('spots', 'spots.id', '=', 'stints.spot_id')
            ->leftJoinSub(
                DB::table('contacts')->whereNull('deleted_at')->groupBy('stint_id')
                    ->selectRaw("stint_id, count(*) as n, sum(case kind {$weights} else 0 end) as weighed, max(if(kind = 'caught', length_in, null)) as best"),
                'c', 'c.stint_id', '=', 'stints.id',
            )
            ->get([
                DB::raw('coalesce(spots.name, stints.spot) as place'), 'stints.spot_id', 'trips.lake_id', 'lure', 'color', 'retrieve', 'depth_ft', 'cast_count', 'c.n',
                'c.weighed', 'c.best', 'trips.day',
            ]);
        $paid = [];
        foreach ($rows as $row) {
            $depth = Stint::depthLevel((float) $row->depth_ft);
            $key = mb_strtolower("{$row->place}/{$row->lure}/").$depth;
            $paid[$key] ??= new Paid((string) $row->place, (string) $row->lure, $depth, (int) $row->lake_id === $this->trip->lake_id);
            $paid[$key]->add($row);
        }
        $paid = array_values(array_filter($paid, static fn (Paid $p): bool => $p->contacts > 0));
        usort($paid, static fn (Paid $a, Paid $b): int => $b->isHere <=> $a->isHere ?: $b->promise() <=> $a->promise());
        $paid = array_slice($paid, 0, self::TOLD);
        $this->strike($paid);

        return $paid;
    }

    /**
     * What can be taken over of what paid: the best of each lure.
     *
     * @param  list<Paid>  $paid
     * @return list<Paid>
     */
    public function rods(array $paid): array
    {
        $best = [];
        foreach ($paid as $one) {
            if ($one->struck === null && Catalog::has($one->lure)) {
                $best[$one->lure] ??= $one;
            }
        }

        return array_slice(array_values($best), 0, self::TAKEN);
    }

    /**
     * And the marked places of this water.
     *
     * @param  list<Paid>  $paid
     * @return list<int> ids of spots
     */
    public function places(array $paid): array
    {
        $places = array_map(static fn (Paid $p): ?int => $p->isHere && $p->struck === null ? $p->spotId : null, $paid);

        return array_slice(array_values(array_unique(array_filter($places))), 0, self::TAKEN);
    }

    /** @return list<int> */
    private function idsOf(string $which): array
    {
        return $which === 'same' ? array_map(static fn (PastDay $d): int => $d->id, $this->sameTime)
            : array_map(static fn (Likeness $l): int => $l->past->id, $this->alike);
    }

    /** @return list<string> what is different today from a past day, each with both values, in words */
    public function different(PastDay $past): array
    {
        $units = $this->trip->user->units();
        $today = $this->today;
        $rise = $past->riseTo($today);

        return array_values(array_filter([
            $past->isAsWarmAs($today) ? null : "{$units->temp($past->tempF)} then, {$units->temp($today->tempF)} now",
            $past->clarity === $today->clarity ? null : "{$past->clarity->value} then, {$today->clarity->value} now",
            $rise === null || $rise === 0.0 ? null : ($rise < 0 ? 'lower by ' : 'higher by ').$units->depth(abs($rise)),
            $past->stage === $today->stage ? null : "{$past->stage->words()} then",
        ]));
    }

    /** @param  list<Paid>  $paid */
    private function strike(array $paid): void
    {
        $lake = $this->trip->lake;
        if ($lake === null) {
            return;
        }
        $day = new DayOnLake($this->trip, $lake);
        $dry = array_map(static fn ($s): string => $s->name, $day->dry);
        $known = array_map(static fn ($s): string => $s->name, $day->spots);
        foreach ($paid as $one) {
            if ($one->isHere) {
                $one->struck = match (true) {
                    in_array($one->place, $dry, true) => 'dry today',
                    $one->wasMarked && ! in_array($one->place, $known, true) => 'no longer on the plan',
                    default => null,
                };
            }
        }
    }

    /** @return array<int, \stdClass> every other day with casts, by id, as far as likeness asks */
    private function fished(): array
    {
        $level = "json_value(trips.conditions, '$.water.level_ft') as level_ft";

        return (new Season($this->trip->user))->days()->where('trips.id', '!=', $this->trip->id)->whereNotNull('trips.day')->whereNotNull('temp_f')
            ->leftJoin('lakes', 'lakes.id', '=', 'trips.lake_id')
            ->selectRaw('trips.id, trips.name, lakes.name as lake, day, lake_id, species, waterbody, stage, temp_f, clarity, shift, front, wind_mph, sky, low_light, casts_made, '
                ."contacts_made, best_in, best_lb, {$level}")->get()->keyBy('id')->all();
    }

    private static function past(\stdClass $row): PastDay
    {
        return new PastDay(
            (int) $row->id, (string) $row->day, $row->lake_id === null ? null : (int) $row->lake_id, Species::from($row->species),
            Waterbody::from($row->waterbody), Stage::from($row->stage), (float) $row->temp_f, Clarity::from($row->clarity), ClarityShift::from($row->shift),
            Front::from($row->front), (float) $row->wind_mph, Sky::from($row->sky), (bool) $row->low_light,
            $row->level_ft === null ? null : (float) $row->level_ft,
        );
    }
}
