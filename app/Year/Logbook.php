<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\DaySums;
use App\Models\User;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Query\Builder;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Year\DayLevels;

/** The logbook (Y5): an angler's days, found by water, species, lure, place, stage, year, a word of his own, or a level of a figure. */
final readonly class Logbook
{
    private const A_PAGE = 25;

    /** What comes off or not, by level; and the level of what has none. */
    private const TALLIED = ['landed', 'hook', 'stayed', 'second'];

    private const ANY = 'any';

    /** What can be asked for, and how it is checked. */
    public const ASKED = [
        'year' => ['nullable', 'integer', 'between:1900,2200'], 'lake' => ['nullable', 'integer'], 'species' => ['nullable', 'string', 'max:30'],
        'lure' => ['nullable', 'string', 'max:60'], 'place' => ['nullable', 'string', 'max:80'], 'stage' => ['nullable', 'string', 'max:20'],
        'words' => ['nullable', 'string', 'max:80'], 'by' => ['nullable', 'string', 'max:90', 'regex:/^[a-z_]+:.+$/'], 'page' => ['nullable', 'integer', 'between:1,100000'],
    ];

    public Season $season;

    /** @param  array<string, mixed>  $asked  as the rules let it pass */
    public function __construct(User $angler, public array $asked)
    {
        DaySums::freshen($angler->id);
        $this->season = Season::asking($angler, $asked);
    }

    /** @return LengthAwarePaginator<int, \stdClass> a page of days, the newest first */
    public function page(): LengthAwarePaginator
    {
        $days = $this->found()->leftJoin('lakes', 'lakes.id', '=', 'trips.lake_id')->orderByDesc('trips.day')->orderByDesc('trips.id');

        /** @var LengthAwarePaginator<int, \stdClass> */
        return $days->paginate(self::A_PAGE, [
            'trips.id', 'trips.name', 'lakes.name as lake', 'trips.day', 'trips.species', 'trips.stage', 'trips.clarity', 'trips.temp_f', 'trips.temp_said', 'trips.wind_mph',
            'trips.sky', 'trips.front', 'casts_made', 'contacts_made', 'towed_min', 'towed_contacts', 'caught', 'best_in', 'best_lb', 'fished_from', 'fished_to', 'leaves', 'notes', 'closed_at',
        ])->withQueryString();
    }

    /**
     * Every day of a year among those found, for its calendar.
     *
     * @return list<object{id: int, day: string, casts: int, contacts: int, caught: int, name: string}>
     */
    public function ofYear(int $year): array
    {
        /** @var list<object{id: int, day: string, casts: int, contacts: int, caught: int, name: string}> */
        return $this->found()->whereBetween('trips.day', ["{$year}-01-01", "{$year}-12-31"])->orderBy('trips.day')->orderBy('trips.id')
            ->get(['trips.id', 'trips.day', 'casts_made as casts', 'contacts_made as contacts', 'caught', 'trips.name'])->all();
    }

    /** The year of the calendar: the one asked for, else that of the newest day found. */
    public function year(): ?int
    {
        $newest = $this->season->year === null ? $this->found()->max('trips.day') : null;

        return $this->season->year ?? ($newest === null ? null : (int) substr((string) $newest, 0, 4));
    }

    /** @return list<string> every lure that was cast on any day */
    public function lures(): array
    {
        return (new Season($this->season->angler))->summed('level_sums')->where('factor', 'lure')->distinct()->orderBy('level')->pluck('level')->all();
    }

    private function found(): Builder
    {
        $asked = $this->asked;
        $days = $this->season->planned();
        if (isset($asked['stage'])) {
            $days->where('trips.stage', $asked['stage']);
        }
        if (isset($asked['lure'])) {
            self::withLevel($days, 'lure', $asked['lure']);
        }
        if (isset($asked['place'])) {
            $place = self::within($asked['place']);
            $days->whereExists(static fn (Builder $q) => $q->from('spot_sums')->whereColumn('spot_sums.trip_id', 'trips.id')->where('spot', 'like', $place));
        }
        if (isset($asked['words'])) {
            $words = self::within($asked['words']);
            $days->where(static fn (Builder $q) => $q->where('trips.name', 'like', $words)->orWhere('notes', 'like', $words));
        }
        if (isset($asked['by'])) {
            self::by($days, ...explode(':', $asked['by'], 2));
        }

        return $days;
    }

    /** The days behind one level of a figure. */
    private static function by(Builder $days, string $factor, string $level): void
    {
        $bounds = DayLevels::bounds($factor, $level);
        if ($bounds !== null) {
            $column = ['temperature' => 'temp_f', 'wind' => 'wind_mph'][$factor];
            $days->where($column, '>=', $bounds[0]);
            if (is_finite($bounds[1])) {
                $days->where($column, '<', $bounds[1]);
            }
        } elseif (in_array($factor, DayLevels::WORDS, true)) {
            $days->where("trips.{$factor}", $level);
        } elseif (in_array($factor, self::TALLIED, true)) {
            $days->whereExists(static fn (Builder $q) => $q->from('tallies')->whereColumn('tallies.trip_id', 'trips.id')->where('what', $factor)
                ->where('level', $level === self::ANY ? '' : $level));
        } elseif ($factor === 'month') {
            $days->where('trips.day', 'like', self::startsWith($level));
        } elseif ($factor === 'length') {
            $days->whereExists(static fn (Builder $q) => $q->from('contacts')->whereColumn('contacts.trip_id', 'trips.id')->whereNull('deleted_at')
                ->where('kind', ContactKind::Caught->value)->whereRaw('floor(length_in) = ?', [(int) $level]));
        } else {
            self::withLevel($days, $factor, $level);
        }
    }

    private static function withLevel(Builder $days, string $factor, string $level): void
    {
        $days->whereExists(static fn (Builder $q) => $q->from('level_sums')->whereColumn('level_sums.trip_id', 'trips.id')->where('factor', $factor)
            ->where('level', $level));
    }

    /** Words anywhere within others; what a pattern would read as a sign stands for itself. */
    private static function within(string $words): string
    {
        return '%'.self::startsWith($words);
    }

    private static function startsWith(string $words): string
    {
        return addcslashes($words, '%_\\').'%';
    }
}
