<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\PlanDrawing;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Waters\DayOnLake;
use App\Waters\DayRoute;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Docks\DockReader;
use OldEddy\Docks\DockRow;
use OldEddy\Ribbon\DayRibbon;
use OldEddy\Route\Stop;
use OldEddy\Shade\ShadeDay;
use OldEddy\Stream\CurrentPlace;
use OldEddy\Where\Hour;
use OldEddy\Where\Lookalikes;

/** Which places, in which order, at which hour, from which side. */
final class WhereController
{
    public function show(Request $request, Trip $trip): View
    {
        $lake = $trip->lake;
        if ($lake === null) {
            return view('where.choose', ['trip' => $trip, 'lakes' => $request->user()->lakes()->select(['id', 'name'])->orderBy('name')->get()]);
        }
        $given = $request->validate(['minute' => ['nullable', 'integer', 'between:0,1439'], 'spot' => ['nullable', 'integer']]);
        $day = new DayOnLake($trip, $lake);
        $minute = (int) ($given['minute'] ?? $day->day->minuteOfDay);
        $ranked = $day->ranked($minute);
        $grid = $lake->workingGrid();
        $spot = collect($day->spots)->firstWhere('id', (int) ($given['spot'] ?? 0));
        $stops = $trip->route['stops'] ?? [];

        return view('where.show', [
            'trip' => $trip, 'lake' => $lake, 'day' => $day->day, 'minute' => $minute, 'ranked' => $ranked, 'spots' => collect($day->spots)->keyBy('name'), 'sun' => $day->day->sunDay?->at($minute),
            'plan' => $grid === null ? null : new PlanDrawing($grid),
            'line' => $stops === [] ? [] : (new DayRoute($day, $trip->route['asked']))->line($stops),
            'ribbon' => DayRibbon::of($day->day, planned: DayRoute::ribbon($stops)),
            'tempoMinutes' => Stop::minutesBy($trip->user->schools()),
            'chosen' => $spot === null ? null : $this->spot($day, $spot, $minute),
        ]);
    }

    /** The lake a day is fished on. */
    public function on(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(['lake' => ['required', 'integer']]);
        $trip->update(['lake_id' => $request->user()->lakes()->findOrFail((int) $given['lake'])->id, 'route' => null]);

        return redirect()->route('where', $trip);
    }

    /** Picks a spot: what is known of it becomes the spot of the day, and is not asked again. */
    public function pick(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(['spot' => ['required', 'integer'], 'minute' => ['nullable', 'integer', 'between:0,1439']]);
        abort_if($trip->lake === null, 404);
        /** @var LakeSpot $spot */
        $spot = $trip->lake->spots()->findOrFail((int) $given['spot']);
        $trip->pick($spot, (int) ($given['minute'] ?? 540));

        return redirect()->route('choose', $trip)->with('said', "{$spot->name} is the spot now: structure, cover, depth and shade are taken over.");
    }

    public function route(Request $request, Trip $trip): RedirectResponse
    {
        abort_if($trip->lake === null, 404);
        $given = $request->validate([
            'from' => ['required', 'date_format:H:i'], 'to' => ['required', 'date_format:H:i', 'after:from'], 'minutes' => ['required', 'numeric', 'between:2,240'], 'speed_mph' => ['required', 'numeric', 'between:1,80'],
            'locked' => ['nullable', 'array'], 'locked.*' => ['integer'], 'forbidden' => ['nullable', 'array'], 'forbidden.*' => ['integer'], 'start' => ['nullable', 'integer'],
        ]);
        $minute = static fn (string $clock): int => (int) substr($clock, 0, 2) * 60 + (int) substr($clock, 3);
        $asked = [
            'from' => $minute($given['from']), 'to' => $minute($given['to']), 'minutes' => (float) $given['minutes'], 'speed_mph' => (float) $given['speed_mph'],
            'locked' => array_map(intval(...), $given['locked'] ?? []), 'forbidden' => array_map(intval(...), $given['forbidden'] ?? []), 'start' => isset($given['start']) ? (int) $given['start'] : null,
        ];
        $planned = (new DayRoute(new DayOnLake($trip, $trip->lake), $asked))->planned();
        $trip->update(['route' => ['asked' => $asked] + $planned]);

        return redirect()->route('where', $trip)->with('said', $planned['note'] ?? sprintf('%d stops, back by %02d:%02d.', count($planned['stops']), intdiv($planned['end'], 60), $planned['end'] % 60));
    }

    /** The day on one page, for the dry bag. */
    public function sheet(Trip $trip): View
    {
        abort_if($trip->lake === null, 404);
        $day = new DayOnLake($trip, $trip->lake);

        return view('where.sheet', ['trip' => $trip, 'route' => $trip->route, 'rack' => $trip->rack, 'ribbon' => DayRibbon::of($day->day, planned: DayRoute::ribbon($trip->route['stops'] ?? [])), 'spots' => collect($day->spots)->keyBy('id')]);
    }

    /** @return array<string, mixed> all that is read of one spot today */
    private function spot(DayOnLake $day, LakeSpot $spot, int $minute): array
    {
        $place = $spot->place();
        $shade = $place->shade() === null || $day->day->sunDay === null ? null : new ShadeDay($place->shade(), $day->day->sunDay);
        $dock = $spot->dockPlan();
        $docks = array_values(array_filter(array_map(static fn (LakeSpot $s) => $s->dockPlan(), $day->spots)));

        return [
            'spot' => $spot,
            'windows' => $shade?->windows() ?? [],
            'shade' => $shade === null ? [] : array_map(static fn (int $minute): array => [$minute, $shade->widthFt($minute)], range(300, 1320, 15)),
            // Cast from the water at the bank, as one does from a boat.
            'shadow' => $place->bankFacesDeg === null ? null : Hour::of($day->day, $minute)->shadowWarning(fmod($place->bankFacesDeg + 180, 360)),
            'lookalikes' => array_slice(Lookalikes::of($place, array_map(static fn (LakeSpot $s) => $s->place(), $day->spots)), 0, 5),
            'dock' => $dock, 'marks' => $dock === null ? [] : DockReader::read($dock, $day->day), 'boat' => $dock === null ? null : DockReader::boat($dock, $day->day),
            'row' => $dock === null || $docks === [] ? [] : DockRow::ranked($docks, $day->day),
            'like' => $dock === null ? [] : DockRow::like($dock, $docks),
            'current' => $place->structure === null || $place->bankFacesDeg === null ? null : CurrentPlace::of($place->structure, $day->day->current, fmod($place->bankFacesDeg + 90, 360), $place->deepFt ?? 6.0),
        ];
    }
}
