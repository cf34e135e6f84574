<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Which of an angler's days are looked back on: a year, a species, a water, or all. */
final readonly class Season
{
    public function __construct(public User $angler, public ?int $year = null, public ?string $species = null, public ?int $lake = null)
    {
    }

    /** @param  array<string, mixed>  $asked  year, species and lake, as their rules let them pass */
    public static function asking(User $angler, array $asked): self
    {
        return new self(
            $angler, isset($asked['year']) ? (int) $asked['year'] : null, $asked['species'] ?? null, isset($asked['lake']) ? (int) $asked['lake'] : null,
        );
    }

    /** @return array<int, string> the angler's waters by id */
    public function lakes(): array
    {
        return $this->angler->lakes()->orderBy('name')->pluck('name', 'id')->all();
    }

    /** @return array{year?: int, species?: string, lake?: int} it as a link asks for it */
    public function asked(): array
    {
        return array_filter(['year' => $this->year, 'species' => $this->species, 'lake' => $this->lake], static fn (mixed $v): bool => $v !== null);
    }

    /** Its days on which a cast was made. */
    public function days(): Builder
    {
        return $this->planned()->where('trips.casts_made', '>', 0);
    }

    /** Its days, those that were only planned too; hidden days are nobody's past. */
    public function planned(): Builder
    {
        $days = DB::table('trips')->where('trips.user_id', $this->angler->id)->whereNull('trips.drill_seed');
        if ($this->year !== null) {
            $days->whereBetween('trips.day', ["{$this->year}-01-01", "{$this->year}-12-31"]);
        }
        if ($this->species !== null) {
            $days->where('trips.species', $this->species);
        }
        if ($this->lake !== null) {
            $days->where('trips.lake_id', $this->lake);
        }

        return $days;
    }

    /** A table of sums beside them. */
    public function summed(string $table): Builder
    {
        return $this->days()->join($table, "{$table}.trip_id", '=', 'trips.id');
    }

    /** @return list<int> the years that days were fished in, the newest first */
    public function years(): array
    {
        return (new self($this->angler))->days()->whereNotNull('trips.day')->selectRaw('distinct left(trips.day, 4) as year')->orderByDesc('year')
            ->pluck('year')->map(intval(...))->all();
    }

    /** @return list<string> the species fished for */
    public function kinds(): array
    {
        return (new self($this->angler))->days()->distinct()->orderBy('species')->pluck('species')->filter()->values()->all();
    }
}
