<?php

declare(strict_types=1);

namespace App\Year;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Log\Fish\StandardWeight;

/** The fish of a season: lengths by species, and the condition of those that a scale weighed (Y3, Y6). */
final readonly class FishOfSeason
{
    /** @var array<string, array<int, int>> how many of each whole inch, by species */
    public array $lengths;

    /** @var list<array{species: string, month: string, fish: int, relative: float}> mean relative weight by month */
    public array $condition;

    public function __construct(Season $season)
    {
        $caught = $season->days()->join('contacts', 'contacts.trip_id', '=', 'trips.id')->join('stints', 'stints.id', '=', 'contacts.stint_id')
            ->whereNull('contacts.deleted_at')->whereNull('stints.deleted_at')->where('contacts.kind', 'caught')->whereNotNull('contacts.length_in');
        $lengths = [];
        foreach ($caught->clone()->groupByRaw('1, 2')->orderByRaw('1, 2')
            ->selectRaw('coalesce(contacts.species, trips.species) as species, floor(contacts.length_in) as inches, count(*) as n')->get() as $row) {
            $lengths[$row->species][(int) $row->inches] = (int) $row->n;
        }
        $this->lengths = $lengths;
        $months = [];
        foreach ($caught->where('weighed_by', 'scale')->whereNotNull('weight_lb')
            ->selectRaw('coalesce(contacts.species, trips.species) as species, left(trips.day, 7) as month, contacts.length_in, weight_lb')->get() as $row) {
            [$length, $mass] = [Length::fromInches((float) $row->length_in), Mass::fromPounds((float) $row->weight_lb)];
            $relative = StandardWeight::relative(ColdwaterGuest::fish($row->species), $length, $mass);
            if ($relative !== null) {
                $months["{$row->month} {$row->species}"][] = $relative;
            }
        }
        ksort($months);
        $this->condition = array_map(static fn (string $of, array $all): array => [
            'species' => substr($of, 8), 'month' => substr($of, 0, 7), 'fish' => count($all), 'relative' => array_sum($all) / count($all),
        ], array_keys($months), $months);
    }
}
