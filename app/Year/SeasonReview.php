<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\DaySums;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use OldEddy\Year\AgainstTheRest;
use OldEddy\Year\CastNumber;
use OldEddy\Year\DayLevels;
use OldEddy\Year\DayTotals;
use OldEddy\Year\Lesson;
use OldEddy\Year\Lessons;
use OldEddy\Year\LevelRate;
use OldEddy\Year\SeasonSums;
use OldEddy\Year\Sum;
use OldEddy\Year\Tally;

/** The season review (Y3, Y4), out of what the days add up to: no cast is read again. */
final class SeasonReview
{
    /** The factors that are drawn, in this order, and in which order their levels stand. */
    public const FACTORS = [
        'temperature' => 'ordered', 'stage' => 'best', 'clarity' => 'best', 'shift' => 'best', 'wind' => 'ordered', 'front' => 'best', 'sky' => 'best', 'hour' => 'ordered',
        'light' => 'best', 'depth' => 'ordered', 'water_depth' => 'ordered', 'cover' => 'best', 'structure' => 'best', 'lure' => 'best', 'color' => 'best', 'advice' => 'best',
    ];

    public readonly int $days;

    public readonly int $casts;

    public readonly int $contacts;

    public readonly float $weighed;

    /** @var array{days: int, minutes: float, contacts: int} what was towed: days, minutes of all lines, contacts (T10) */
    public readonly array $towed;

    /** @var array<string, list<LevelRate>> by factor */
    public readonly array $rates;

    /** @var list<LevelRate> bites by the number of the cast */
    public readonly array $castNumbers;

    /** @var list<Lesson> */
    public readonly array $lessons;

    /** @var array<string, array<string, Tally>> by what, by level */
    public readonly array $tallies;

    public function __construct(public readonly Season $season)
    {
        DaySums::freshen($season->angler->id);
        $days = $season->days()->get(['stage', 'clarity', 'shift', 'front', 'sky', 'temp_f', 'wind_mph', 'casts_made', 'contacts_made', 'contacts_weighed', 'towed_contacts']);
        $this->days = $days->count();
        $this->casts = (int) $days->sum('casts_made');
        $this->contacts = (int) ($days->sum('contacts_made') - $days->sum('towed_contacts'));
        $this->weighed = (float) $days->sum('contacts_weighed');
        $towed = $season->planned()->where('towed_min', '>', 0)->selectRaw('count(*) as days, sum(towed_min) as minutes, sum(towed_contacts) as contacts')->first();
        $this->towed = ['days' => (int) ($towed->days ?? 0), 'minutes' => (float) ($towed->minutes ?? 0), 'contacts' => (int) ($towed->contacts ?? 0)];
        $levels = $this->levels();
        $this->rates = $this->rates($this->ofDays($days) + $levels->groupBy('factor')->map(self::sums(...))->all());
        $numbers = $this->numbers();
        $this->castNumbers = $this->numbersInAll($numbers);
        $this->tallies = $this->tallies();
        $this->lessons = Lessons::of(new SeasonSums(
            $this->casts, $this->weighed, $numbers, ['advice' => $this->advice()] + self::against($levels), $this->tallies['landed'] ?? [],
            $this->tallies['stayed'][''] ?? new Tally, $this->tallies['second'][''] ?? new Tally,
        ));
    }

    /** Contacts per 100 casts of the whole, each counted by what the fish did. */
    public function perHundred(): float
    {
        return $this->casts === 0 ? 0.0 : 100 * $this->weighed / $this->casts;
    }

    /** The right end of every scale of rates. */
    public function top(): float
    {
        $tops = [4.0];
        foreach ([...array_values($this->rates), $this->castNumbers] as $rates) {
            foreach ($rates as $rate) {
                $tops[] = $rate->isClaimed() ? $rate->span()[1] : 0.0;
            }
        }

        return max($tops);
    }

    /**
     * First fish and leaving, by structure (Y3).
     *
     * @return list<object{structure: ?string, stops: int, casts: float, first: ?float, blank: float, minutes: ?float}>
     */
    public function stops(): array
    {
        /** @var list<object{structure: ?string, stops: int, casts: float, first: ?float, blank: float, minutes: ?float}> */
        return $this->season->summed('stops')->groupBy('structure')->selectRaw(
            'structure, count(*) as stops, avg(stops.casts) as casts, avg(first_cast) as first, avg(blank_casts) as blank, avg(minutes) as minutes',
        )->orderByDesc('stops')->limit(12)->get()->all();
    }

    /** @return Collection<int, \stdClass> of each factor's levels: days, casts, contacts, and what holds them against the rest of their days */
    private function levels(): Collection
    {
        // The rest of a day is what it has beside the level.
        $share = '(casts / (casts_made * 1e0))';
        $held = self::heldByDay("level_sums.contacts_weighed * (1 - {$share})", "(trips.contacts_weighed - level_sums.contacts_weighed) * {$share}");

        return $this->season->summed('level_sums')->whereNotIn('factor', ['cast_no'])->groupBy('factor', 'level')->selectRaw(<<<SQL
            factor, level, count(*) as days, sum(casts) as casts, sum(contacts) as contacts, sum(level_sums.contacts_weighed) as weighed,
            sum(if(casts < casts_made, casts, 0)) as beside_casts, sum(if(casts < casts_made, level_sums.contacts_weighed, 0)) as beside_weighed,
            sum(trips.contacts_weighed * {$share} * (1 - {$share})) as spread, sum(if(casts > 0 and casts < casts_made, 1, 0)) as beside_days, {$held}
            SQL)->get();
    }

    /** What a day adds to a level and to what it is held against, summed over days with the squares that tell how far the days agree. */
    private static function heldByDay(string $mine, string $others): string
    {
        return "sum({$mine}) as mine, sum({$others}) as others, sum(pow({$mine}, 2)) as mine_squared, sum(pow({$others}, 2)) as others_squared, sum({$mine} * {$others}) as crossed";
    }

    /**
     * @param  Collection<int, \stdClass>  $levels
     * @return array<string, list<AgainstTheRest>> by factor
     */
    private static function against(Collection $levels): array
    {
        $held = static fn (\stdClass $l): AgainstTheRest => self::held($l->level, $l->beside_casts, $l->beside_weighed, $l);

        return $levels->groupBy('factor')->map(static fn (Collection $of): array => array_values($of->map($held)->all()))->all();
    }

    private static function held(string $level, mixed $casts, mixed $weighed, \stdClass $row): AgainstTheRest
    {
        return new AgainstTheRest($level, (int) $casts, (float) $weighed, (float) $row->mine, (float) $row->others, (float) $row->spread,
            (int) $row->beside_days, (float) $row->mine_squared, (float) $row->others_squared, (float) $row->crossed);
    }

    /** @return list<AgainstTheRest> one's own way against what was offered, where a day had both */
    private function advice(): array
    {
        $both = '(level_sums.casts + offered.casts)';
        $held = self::heldByDay("level_sums.contacts_weighed * offered.casts / {$both}", "offered.contacts_weighed * level_sums.casts / {$both}");
        $row = $this->season->summed('level_sums')->where('level_sums.factor', 'advice')->where('level_sums.level', DayTotals::OWN_WAY)->where('level_sums.casts', '>', 0)
            ->join('level_sums as offered', static fn (JoinClause $j): JoinClause => $j->on('offered.trip_id', '=', 'trips.id')->where('offered.factor', 'advice')
                ->where('offered.level', DayTotals::FOLLOWED)->where('offered.casts', '>', 0))
            ->selectRaw(<<<SQL
                sum(level_sums.casts) as casts, sum(level_sums.contacts_weighed) as weighed, count(*) as beside_days, {$held},
                sum((level_sums.contacts_weighed + offered.contacts_weighed) * level_sums.casts * offered.casts / {$both} / {$both}) as spread
                SQL)->first();

        return $row?->casts === null ? [] : [self::held(DayTotals::OWN_WAY, $row->casts, $row->weighed, $row)];
    }

    /**
     * @param  Collection<int, \stdClass>  $of
     * @return array<string, array{days: int, casts: int, contacts: int, weighed: float}>
     */
    private static function sums(Collection $of): array
    {
        return $of->mapWithKeys(static fn (\stdClass $l): array => [
            $l->level => ['days' => (int) $l->days, 'casts' => (int) $l->casts, 'contacts' => (int) $l->contacts, 'weighed' => (float) $l->weighed],
        ])->all();
    }

    /**
     * @param  Collection<int, \stdClass>  $days
     * @return array<string, array<string, array{days: int, casts: int, contacts: int, weighed: float}>>
     */
    private function ofDays(Collection $days): array
    {
        $sums = [];
        foreach ($days as $day) {
            $levels = array_map(static fn (string $f): ?string => $day->$f, array_combine(DayLevels::WORDS, DayLevels::WORDS)) + [
                'temperature' => $day->temp_f === null ? null : DayLevels::span('temperature', (float) $day->temp_f),
                'wind' => $day->wind_mph === null ? null : DayLevels::span('wind', (float) $day->wind_mph),
            ];
            foreach (array_filter($levels, static fn (?string $l): bool => $l !== null) as $factor => $level) {
                $sums[$factor][$level] ??= ['days' => 0, 'casts' => 0, 'contacts' => 0, 'weighed' => 0.0];
                $sums[$factor][$level]['days']++;
                $sums[$factor][$level]['casts'] += (int) $day->casts_made;
                $sums[$factor][$level]['contacts'] += (int) ($day->contacts_made - $day->towed_contacts);
                $sums[$factor][$level]['weighed'] += (float) $day->contacts_weighed;
            }
        }

        return $sums;
    }

    /**
     * @param  array<string, array<string, array{days: int, casts: int, contacts: int, weighed: float}>>  $sums
     * @return array<string, list<LevelRate>>
     */
    private function rates(array $sums): array
    {
        $rates = [];
        foreach (array_intersect_key(self::FACTORS, $sums) as $factor => $order) {
            $of = LevelRate::all($sums[$factor], $this->perHundred() / 100);
            $order === 'ordered'
                ? usort($of, static fn (LevelRate $a, LevelRate $b): int => (float) $a->level <=> (float) $b->level)
                : usort($of, static fn (LevelRate $a, LevelRate $b): int => $b->isClaimed() <=> $a->isClaimed() ?: $b->perHundred() <=> $a->perHundred());
            $rates[$factor] = $of;
        }

        return $rates;
    }

    /** @return array<string, array<string, Sum>> by structure, by span of casts */
    private function numbers(): array
    {
        $numbers = [];
        foreach ($this->season->summed('level_sums')->where('factor', 'cast_no')->groupBy('within', 'level')
            ->selectRaw('within, level, sum(casts) as casts, sum(contacts) as contacts, sum(level_sums.contacts_weighed) as weighed')->get() as $row) {
            $numbers[$row->within][$row->level] = new Sum((int) $row->casts, (int) $row->contacts, (float) $row->weighed);
        }

        return $numbers;
    }

    /**
     * @param  array<string, array<string, Sum>>  $numbers
     * @return list<LevelRate>
     */
    private function numbersInAll(array $numbers): array
    {
        $all = [];
        foreach (array_keys(CastNumber::all()) as $level) {
            $sum = new Sum;
            foreach ($numbers as $of) {
                $one = $of[$level] ?? new Sum;
                $sum->add($one->casts, $one->contacts, $one->weighed);
            }
            if ($sum->casts > 0) {
                $all[(string) $level] = ['days' => $this->days, 'casts' => $sum->casts, 'contacts' => $sum->contacts, 'weighed' => $sum->weighed];
            }
        }

        return LevelRate::all($all, $this->perHundred() / 100);
    }

    /** @return array<string, array<string, Tally>> */
    private function tallies(): array
    {
        $tallies = [];
        foreach ($this->season->summed('tallies')->groupBy('what', 'level')->selectRaw('what, level, sum(tried) as tried, sum(came_off) as came')
            ->orderByDesc('tried')->get() as $row) {
            $tallies[$row->what][$row->level] = new Tally((int) $row->tried, (int) $row->came);
        }

        return $tallies;
    }
}
