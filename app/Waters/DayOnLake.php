<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use OldEddy\Conditions\Settled;
use OldEddy\Conditions\Settler;
use OldEddy\Evidence\ContactKind;
use OldEddy\Where\Hour;
use OldEddy\Where\OwnRecord;
use OldEddy\Where\RankedPlace;
use OldEddy\Where\Ranking;

/** A day on its lake: the spots as places, what one's own log says of them, and the ranking by the hour. */
final class DayOnLake
{
    /** @var list<LakeSpot> */
    public readonly array $spots;

    public readonly Settled $day;

    /** @var array<string, OwnRecord> */
    private readonly array $records;

    public function __construct(public readonly Trip $trip, public readonly Lake $lake)
    {
        $this->spots = array_values($lake->spots->all());
        $this->day = Settler::settle($trip->told());
        $this->records = $this->records();
    }

    /** @return list<RankedPlace> best first, at a minute of the day */
    public function ranked(int $minute): array
    {
        $level = $this->day->levelChangeFtPerWeek;

        return Ranking::at(array_map(static fn (LakeSpot $s) => $s->place(), $this->spots), Hour::of($this->day, $minute, $level), $this->records);
    }

    /** @return array<string, OwnRecord> what one's own days in the same stage say of each spot, today left out */
    private function records(): array
    {
        $rows = DB::table('stints')->join('trips', 'trips.id', '=', 'stints.trip_id')->where('trips.user_id', $this->trip->user_id)->where('trips.stage', $this->trip->stage)
            ->where('trips.id', '!=', $this->trip->id)->whereNull('stints.deleted_at')->whereIn('stints.spot', array_map(static fn (LakeSpot $s): string => $s->name, $this->spots));
        $casts = $rows->clone()->groupBy('spot')->selectRaw('spot, sum(cast_count) as casts')->pluck('casts', 'spot');
        $weights = [];
        foreach ($rows->clone()->join('contacts', 'contacts.stint_id', '=', 'stints.id')->whereNull('contacts.deleted_at')->groupBy('spot', 'kind')->selectRaw('spot, kind, count(*) as n')->get() as $row) {
            $weights[$row->spot] = ($weights[$row->spot] ?? 0.0) + $row->n * ContactKind::from($row->kind)->weight();
        }
        $records = [];
        foreach ($casts as $spot => $made) {
            $records[(string) $spot] = new OwnRecord((int) $made, $weights[$spot] ?? 0.0);
        }

        return $records;
    }
}
