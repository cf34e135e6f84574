<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Conditions;
use OldEddy\Day\Conditions\ForecastHour;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Water\Clarity;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Reading\WaterReader;
use OldEddy\Troll\TrolledRun;
use OldEddy\Where\Route\PlannedRoute;

/**
 * One day on the water: its conditions, its rack and its log.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property array<string, mixed> $conditions as the contract of the plan spells them
 * @property ?array<string, mixed> $measured by the boat's instruments, in the same keys
 * @property ?array<string, mixed> $derived from own days on the same water (W22), in the same keys
 * @property ?array<string, mixed> $boat what its instruments said last
 * @property ?int $lake_id
 * @property ?Lake $lake
 * @property ?PlannedRoute $route
 * @property ?array<string, mixed> $spread the lines that are towed, as eddy:spread takes them
 * @property ?string $day its date, which the conditions say
 * @property ?int $drill_seed the hidden day that is practised on
 * @property ?string $stage
 * @property int $casts_made
 * @property string $goal a key of Goal
 * @property bool $practice
 * @property ?string $clarity
 * @property ?list<string> $forage_seen what its fish showed that they eat, kept by recount()
 * @property ?string $here the one current spot, by its name
 * @property ?string $notes the angler's own
 * @property ?array<string, string> $knots when each rod was tied last, by its key (K2)
 * @property ?float $beat_lb the weight to beat (Y7)
 * @property ?array<string, mixed> $leaves the verdict and what the day left, in words; null until it is asked for
 * @property ?Carbon $closed_at
 * @property ?string $join_code by which guests come aboard
 * @property ?Carbon $join_until
 * @property User $user
 * @property-read Collection<int, Guest> $guests
 * @property-read Collection<int, RackSlot> $rack
 */
final class Trip extends Model
{
    use AskedOnce;

    private const STEP_MIN = 10;

    protected $table = 'trips';

    protected $fillable = ['name', 'conditions', 'ask', 'closed_at', 'measured', 'boat', 'drill_seed', 'lake_id', 'route', 'here', 'notes', 'beat_lb', 'leaves', 'spread'];

    protected $attributes = [
        'closed_at' => null, 'measured' => null, 'derived' => null, 'boat' => null, 'drill_seed' => null, 'stage' => null, 'clarity' => null, 'lake_id' => null,
        'route' => null, 'casts_made' => 0, 'here' => null, 'goal' => 'numbers', 'practice' => false, 'notes' => null, 'beat_lb' => null, 'leaves' => null, 'knots' => null,
        'spread' => null,
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<RackSlot, $this> */
    public function rack(): HasMany
    {
        $relation = $this->hasMany(RackSlot::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Stint, $this> */
    public function stints(): HasMany
    {
        $relation = $this->hasMany(Stint::class);
        $relation->orderBy('started_at')->orderBy('seq');

        return $relation;
    }

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        return $this->hasMany(Contact::class);
    }

    /** @return BelongsTo<Lake, $this> */
    public function lake(): BelongsTo
    {
        $relation = $this->belongsTo(Lake::class);
        $relation->select(Lake::LIGHT);

        return $relation;
    }

    /** @return HasMany<Turn, $this> */
    public function turns(): HasMany
    {
        $relation = $this->hasMany(Turn::class);
        $relation->orderBy('at');

        return $relation;
    }

    /** @return HasMany<Dispute, $this> those not settled yet */
    public function disputes(): HasMany
    {
        $relation = $this->hasMany(Dispute::class);
        $relation->whereNull('settled_at');

        return $relation;
    }

    /** @return HasMany<Fix, $this> */
    public function fixes(): HasMany
    {
        return $this->hasMany(Fix::class);
    }

    /** @return HasMany<LogEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(LogEvent::class);
    }

    /** @return HasMany<Guest, $this> in the order of coming aboard */
    public function guests(): HasMany
    {
        $relation = $this->hasMany(Guest::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** An angler as a guest of this day; null where he is none, or its owner. */
    public function guestOf(User $angler): ?Guest
    {
        return $angler->id === $this->user_id ? null : $this->guests->first(static fn (Guest $g): bool => $g->user_id === $angler->id);
    }

    /** @return list<string> everybody aboard with a device of his own, the owner first */
    public function aboard(): array
    {
        // Most days nobody was asked aboard: no page then looks for guests.
        return [$this->user->name, ...($this->join_until === null ? [] : array_values($this->guests->pluck('name')->all()))];
    }

    public function told(): Conditions
    {
        return ConditionsReader::read([
            // What is in the box today says what there is to choose from, whatever was marked on the day itself; a hidden day lends every lure.
            ...$this->known(), 'owned' => $this->drill_seed === null ? $this->user->box : null, 'schools' => $this->user->schools()->toArray(), 'own_success' => $this->ownSuccess(),
        ]);
    }

    /** @return list<ForecastHour> what is forecast of it; most days have none, and need not be read for it */
    public function forecast(): array
    {
        return isset($this->conditions['forecast']) ? $this->told()->forecast : [];
    }

    /** The angler's other days of a stage, to be summed; hidden days are nobody's past. */
    public function otherDays(?string $stage): Builder
    {
        return DB::table('trips')->where('trips.user_id', $this->user_id)->where('trips.stage', $stage)
            ->where('trips.id', '!=', $this->id)->whereNull('trips.drill_seed');
    }

    /** @return list<array{lure: string, casts: int, contacts: float}> what the angler's other days of this stage and like clarity gave by lure (M24) */
    private function ownSuccess(): array
    {
        if (! $this->exists || $this->drill_seed !== null || $this->stage === null || $this->clarity === null || ! $this->user->own_success) {
            return [];
        }

        [$stage, $clarity] = [$this->stage, Clarity::from($this->clarity)];

        return LastLogged::others($this, "success {$stage} {$clarity->value}", fn (): ?array => $this->success($stage, $clarity)) ?? [];
    }

    /** @return ?list<array{lure: string, casts: int, contacts: float}> null, which is not kept, until many days are added up by the queue */
    private function success(string $stage, Clarity $clarity): ?array
    {
        if (DaySums::unsummed($this->user_id) > DaySums::AT_ONCE) {
            return null;
        }
        DaySums::freshen($this->user_id, but: $this->id);
        $sums = $this->otherDays($stage)->whereIn('trips.clarity', array_column($clarity->like(), 'value'))
            ->join('level_sums', 'trips.id', '=', 'level_sums.trip_id')->where('factor', 'lure')
            ->groupBy('level')->selectRaw('level as lure, sum(casts) as casts, sum(level_sums.contacts_weighed) as contacts')->get();

        return array_values(
            $sums->map(static fn (object $s): array => ['lure' => $s->lure, 'casts' => (int) $s->casts, 'contacts' => (float) $s->contacts])->all(),
        );
    }

    /**
     * @return array<string, mixed> the conditions as they were typed, and where nothing was, as the boat measured them or one's own
     *                              days on the water say; with the forage that fish showed, and under way at the time it is (W20)
     */
    public function known(): array
    {
        // A list that was typed stands as a whole before one that was derived.
        $derived = isset($this->conditions['wind_days']) ? array_diff_key($this->derived ?? [], ['wind_days' => 0]) : $this->derived ?? [];
        $known = array_replace_recursive($derived, $this->measured ?? [], $this->conditions);
        $now = $this->timeUnderWay();
        $known = $now === null ? $known : ['time' => $now] + $known;
        $seen = $this->forageSeen();

        return $seen === [] ? $known : ['forage' => array_values(array_unique([...($known['forage'] ?? []), ...$seen]))] + $known;
    }

    /** @return list<string> what the day's fish were seen eating or spat up: it steers shape and color (C5) */
    public function forageSeen(): array
    {
        return $this->forage_seen ?? [];
    }

    /** Takes over what was changed and kept of this day under a lock. */
    public function becomes(self $changed): void
    {
        $this->setRawAttributes($changed->getAttributes(), true);
    }

    /** Adds up the day's log anew, in all and by spot; to be called whenever it changes. The weights are the core's. */
    public function recount(): void
    {
        $spots = $this->summed();
        DB::table('spot_sums')->where('trip_id', $this->id)->delete();
        DB::table('spot_sums')->insert(array_values($spots));
        $this->casts_made = array_sum(array_column($spots, 'casts'));
        $seen = $this->contacts()->toBase()->whereNotNull('forage')->whereIn('stint_id', $this->stints()->toBase()->reorder()->select('id'))
            ->distinct()->orderBy('forage')->pluck('forage')->all();
        $this->forage_seen = $seen === [] ? null : $seen;
        $this->syncOriginalAttributes(['casts_made', 'forage_seen']);
        self::query()->whereKey($this->id)->update([
            'forage_seen' => $this->getAttributes()['forage_seen'], 'casts_made' => $this->casts_made, 'contacts_weighed' => array_sum(array_column($spots, 'contacts_weighed')),
            'summed_at' => null, 'leaves' => null,
        ]);
        LastLogged::note($this);
    }

    /**
     * Adds casts to the sums, where a day's log grew by nothing else: the commonest entry of all.
     *
     * @param  list<array{spot: string, casts: int}>  $cast
     */
    public function countOn(array $cast): void
    {
        foreach ($cast as ['spot' => $spot, 'casts' => $casts]) {
            DB::update(
                'update trips left join spot_sums on spot_sums.trip_id = trips.id and spot = ?
                set casts_made = casts_made + ?, spot_sums.casts = spot_sums.casts + ?, summed_at = null, leaves = null, updated_at = ? where trips.id = ?',
                [$spot, $casts, $casts, now(), $this->id],
            );
        }
        $this->casts_made += array_sum(array_column($cast, 'casts'));
        $this->syncOriginalAttribute('casts_made');
        LastLogged::note($this);
    }

    /** @return array<string, array{trip_id: int, spot: string, spot_id: ?int, casts: int, contacts_weighed: float}> of each spot */
    private function summed(): array
    {
        $sums = [];
        // What is towed has no casts and stands at no spot.
        $stints = $this->stints()->toBase()->reorder()->whereNull('line')->groupBy('spot')->selectRaw('min(spot) as spot, max(spot_id) as spot_id, sum(cast_count) as casts');
        foreach ($stints->get() as $row) {
            $sums[mb_strtolower($row->spot)] = [
                'trip_id' => $this->id, 'spot' => $row->spot, 'spot_id' => $row->spot_id, 'casts' => (int) $row->casts, 'contacts_weighed' => 0.0,
            ];
        }
        // The contacts of a stint that was taken out are out with it.
        $contacts = DB::table('contacts')->join('stints', 'stints.id', '=', 'contacts.stint_id')->where('stints.trip_id', $this->id)
            ->whereNull('stints.deleted_at')->whereNull('contacts.deleted_at')->whereNull('stints.line')
            ->groupBy('stints.spot', 'kind')->selectRaw('min(stints.spot) as spot, kind, count(*) as n')->get();
        foreach ($contacts as $row) {
            $sums[mb_strtolower($row->spot)]['contacts_weighed'] += $row->n * ContactKind::from($row->kind)->weight();
        }

        return $sums;
    }

    /**
     * Keeps the day's contacts, its best fish and its hours, and what it was read as where that was never kept.
     *
     * @param  Collection<int, Stint>  $stints  all of them, with their contacts
     */
    public function keepTotals(Collection $stints): void
    {
        $contacts = $stints->flatMap->contacts;
        $towed = Stint::towed($stints);
        $caught = $contacts->where('kind', ContactKind::Caught->value);
        $species = $this->conditions['species'];
        $pounds = $caught->map(static fn (Contact $c): float => $c->weighed($species)?->mass->pounds() ?? 0.0)->max();
        $fished = $stints->where('cast_count', '>', 0);
        if ($this->getAttribute('temp_f') === null) {
            $this->read();
        }
        $kept = [
            'contacts_made' => $contacts->count(), 'caught' => $caught->count(), 'best_in' => $caught->max('length_in'),
            'towed_min' => round(array_sum(array_map(static fn (TrolledRun $r): float => $r->minutes, $towed)), 1),
            'towed_contacts' => array_sum(array_map(static fn (TrolledRun $r): int => count($r->strikes), $towed)),
            'best_lb' => $pounds > 0 ? round($pounds, 2) : null, 'fished_from' => $fished->first()?->started_at->format('H:i:s'),
            'fished_to' => $contacts->pluck('at')->push($fished->last()?->started_at)->filter()->max()?->format('H:i:s'), 'summed_at' => now(),
        ];
        // What was read of it is written, the day itself was not changed.
        self::query()->whereKey($this->id)->toBase()->update($kept + $this->getDirty());
    }

    protected static function booted(): void
    {
        self::saved(LastLogged::note(...));
        self::deleted(LastLogged::note(...));
        self::saving(static function (self $trip): void {
            if ($trip->isDirty('conditions') || $trip->isDirty('lake_id')) {
                $derived = OwnDays::derive($trip);
                $trip->derived = $derived === [] ? null : $derived;
            }
            if ($trip->isDirty('conditions') || $trip->isDirty('measured') || $trip->isDirty('derived')) {
                $trip->read();
            }
        });
    }

    /** Keeps what the day was read as, so that it can be found and held against others without being read again. */
    private function read(): void
    {
        $reading = WaterReader::read(Settler::settle(ConditionsReader::read($this->known())->overall()));
        $day = $reading->day;
        $this->stage = $reading->stage->stage->value;
        $this->clarity = $day->clarity->value;
        foreach ([
            'temp_f' => round($day->tempF, 1), 'temp_said' => isset($this->known()['water']['temp_f']), 'wind_mph' => round($day->windMph, 1),
            'sky' => $day->sky->value, 'front' => $day->front->value, 'shift' => $day->clarityShift->value, 'low_light' => $day->lowLight,
            'waterbody' => $day->waterbody->value, 'leaves' => null, 'summed_at' => null,
        ] as $column => $value) {
            $this->setAttribute($column, $value);
        }
    }

    public function plan(): Plan
    {
        return Planner::plan($this->told());
    }

    /** Whether it is being fished now: it is today, open, and casts were made. */
    public function isUnderWay(): bool
    {
        return $this->isOpen() && $this->casts_made > 0 && $this->drill_seed === null && $this->now()->toDateString() === ($this->conditions['date'] ?? null);
    }

    /** Now, as the clock at its water shows it. */
    public function now(): Carbon
    {
        return Carbon::now($this->conditions['timezone'] ?? 'UTC');
    }

    /** The time that its reading takes while it is under way, "10:20": in steps, since what is reckoned is kept as long (W20). */
    private function timeUnderWay(): ?string
    {
        return $this->isUnderWay() ? $this->now()->floorMinutes(self::STEP_MIN)->format('H:i') : null;
    }

    public function isOpen(): bool
    {
        return $this->closed_at === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'conditions' => 'array', 'measured' => 'array', 'derived' => 'array', 'boat' => 'array', 'spread' => 'array', 'leaves' => 'array', 'knots' => 'array', 'forage_seen' => 'array',
            'route' => KeptRoute::class, 'closed_at' => 'datetime', 'join_until' => 'datetime', 'drill_seed' => 'integer', 'practice' => 'boolean', 'beat_lb' => 'float',
        ];
    }
}
