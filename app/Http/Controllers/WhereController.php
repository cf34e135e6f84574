<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boat\Fixes;
use App\Day\Kept;
use App\Day\StateOfDay;
use App\Drawing\PlanDrawing;
use App\Http\Asked;
use App\Log\OwnTargets;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Clock;
use App\Show\Text;
use App\Waters\DayOnLake;
use App\Waters\DayRoute;
use App\Waters\DaysBefore;
use App\Waters\DocksToday;
use App\Waters\FromNow;
use App\Waters\RouteForm;
use App\Waters\SpotToday;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Contract\FieldTable;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Pictures\Ribbon\DayRibbon;
use OldEddy\Where\Places\RankedPlace;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Stop;

/** Which places, in which order, at which hour, from which side. */
final class WhereController
{
    /** So many spots stand in the list at once, and so many are drawn on the plan. */
    private const A_PAGE = 40;

    private const DRAWN = 120;

    /** Hours of the day that can be looked at. */
    private const HOURS = [5, 21];

    public function show(Request $request, Trip $trip): View
    {
        $lake = $trip->lake;
        if ($lake === null) {
            return view('where.choose', ['trip' => $trip, 'lakes' => $request->user()->lakes()->select(['id', 'name'])->orderBy('name')->get()]);
        }
        $given = Asked::of(
            $request,
            ['minute' => ['nullable', 'integer', 'between:0,1439'], 'spot' => ['nullable', 'integer'], 'page' => ['nullable', 'integer', 'between:1,1000']],
        );
        $day = new DayOnLake($trip, $lake);
        $minute = (int) ($given['minute'] ?? $day->day->minuteOfDay);
        $spot = collect($day->spots)->firstWhere('id', (int) ($given['spot'] ?? 0));
        $asked = $trip->route->asked ?? AskedRoute::usual(Stop::minutesBy($trip->user->schools(), OwnTargets::clock($trip->user)));
        $planned = $trip->route?->names() ?? [];
        $units = $trip->user->units();
        $ranked = $day->ranked($minute);
        $page = (int) ($given['page'] ?? 1);
        $listed = array_slice($ranked, ($page - 1) * self::A_PAGE, self::A_PAGE);
        $names = array_map(static fn (RankedPlace $r): string => $r->place->name, $listed);
        $shown = $spot !== null ? [$spot->name] : ($planned ?: $names);
        $drawn = [
            ...array_map(static fn (RankedPlace $r): string => $r->place->name, array_slice($ranked, 0, self::DRAWN)),
            ...$planned,
            ...($spot === null ? [] : [$spot->name]),
        ];

        return view('where.show', [
            'trip' => $trip, 'lake' => $lake, 'day' => $day->day, 'sections' => $day->sections, 'minute' => $minute, 'hours' => range(...self::HOURS), 'ranked' => $ranked,
            'listed' => $listed, 'page' => $page, 'pages' => (int) ceil(count($ranked) / self::A_PAGE), 'byHour' => $day->byHour($names),
            'spots' => collect($day->spots)->keyBy('name'), 'drawn' => collect($day->spots)->whereIn('name', $drawn), 'dry' => $day->dry,
            'wishes' => collect($day->spots)->whereIn('name', array_slice($drawn, 0, self::A_PAGE))->merge(
                collect($day->spots)->whereIn('id', [...$asked->locked, ...$asked->forbidden]),
            )->unique('id'),
            'sun' => $day->day->sunDay?->at($minute),
            'plan' => PlanDrawing::of($lake, $day->day->riseFt()), 'docks' => DocksToday::of($day, $minute), 'walks' => $day->walks($minute),
            'ribbon' => DayRibbon::of($day->day, planned: DayRoute::ribbon($trip->route), shades: $day->shades($shown)),
            'asked' => $asked, 'track' => $trip->boat === null ? [] : array_column(Fixes::way($trip), 1),
            'speed' => static fn (float $mph): string => (string) round($units->show('speed', $mph), 1),
            'chosen' => $spot === null ? null : new SpotToday($day, $spot, $minute),
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
        $rise = Settler::settle($trip->told())->riseFt();
        if ($spot->place()->isDryAt($rise)) {
            return back()->withErrors(['spot' => "{$spot->name} is dry at today's level."]);
        }
        StateOfDay::pick($trip, $spot, (int) ($given['minute'] ?? 540));

        return redirect()->route('choose', $trip)->with('said', "{$spot->name} is the spot now: structure, cover, depth and shade are taken over.");
    }

    /** A water of which nothing is known but its spots, for a day that has none yet (S31). */
    public function begin(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:80'], 'how' => ['required', 'in:draw,spots']]);
        $lake = $request->user()->lakes()->firstOrCreate(['name' => Text::clean($given['name'], 80)]);
        $trip->update(['lake_id' => $lake->id, 'route' => null]);

        return $given['how'] === 'draw' ? redirect()->route('sketch', $lake) : redirect()->to(route('lake', $lake).'#spots');
    }

    /** The wind of the days before, as the angler knows it (W23); a row left empty is not known. */
    public function wind(Request $request, Trip $trip): RedirectResponse
    {
        $most = $trip->user->units()->show('speed', FieldTable::one('day', 'weather.wind_mph')->most);
        $given = $request->validate(
            [
                'days' => ['required', 'array', 'list', 'size:2'], 'days.*' => ['array:wind,from'],
                'days.*.wind' => ['nullable', 'numeric', "between:0,{$most}", 'required_with:days.*.from'],
                'days.*.from' => ['nullable', 'numeric', 'between:0,360', 'required_with:days.*.wind'],
            ],
            [], ['days.0.wind' => 'wind of yesterday', 'days.0.from' => 'direction of yesterday', 'days.1.wind' => 'wind of the day before', 'days.1.from' => 'direction of the day before'],
        );
        $days = DaysBefore::written($trip, $given['days']);
        $trip->becomes(StateOfDay::put($trip, 'wind_days', $days === [] ? null : $days));

        return redirect()->route('where', $trip)->with('said', 'Kept: the wind of the days before.');
    }

    public function route(Request $request, Trip $trip): RedirectResponse
    {
        abort_if($trip->lake === null, 404);
        $units = $trip->user->units();

        return $this->planned($trip, RouteForm::read($request->validate(RouteForm::rules($units), RouteForm::MESSAGES, RouteForm::NAMES), $units));
    }

    /** Plans the rest of the day anew, on the water. */
    public function again(Trip $trip): RedirectResponse
    {
        abort_if($trip->lake === null || $trip->route === null, 404);
        $asked = FromNow::asked($trip, $trip->route->asked);

        return $asked->isOver()
            ? back()->withErrors(
                ['to' => sprintf('It is %s, and you meant to be back by %s: say a later time.', Clock::of($asked->from), Clock::of($asked->to))],
            )
            : $this->planned($trip, $asked);
    }

    /** The day on one page, for the dry bag. */
    public function sheet(Trip $trip): View
    {
        abort_if($trip->lake === null, 404);
        $day = new DayOnLake($trip, $trip->lake);

        return view('where.sheet', [
            'trip' => $trip, 'lake' => $trip->lake, 'route' => $trip->route, 'rack' => $trip->rack, 'spots' => collect($day->spots)->keyBy('id'),
            'ribbon' => DayRibbon::of($day->day, planned: DayRoute::ribbon($trip->route), shades: $day->shades($trip->route?->names() ?? [])),
            'plan' => PlanDrawing::of($trip->lake, $day->day->riseFt()), 'rise' => $day->day->riseFt(),
            'hours' => Kept::hours($day->day, $trip->forecast()),
        ]);
    }

    private function planned(Trip $trip, AskedRoute $asked): RedirectResponse
    {
        $planned = DayRoute::plan($trip, $asked);

        return redirect()->route('where', $trip)->with(
            'said',
            $planned->note ?? sprintf('%d stops, back by %s.', count($planned->stops), Clock::of($planned->backAt)),
        );
    }
}
