<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\NewDay;
use App\Models\Guest;
use App\Models\Lake;
use App\Models\Trip;
use App\Models\User;
use App\Year\BoxBook;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OldEddy\Day\Season\Species;

final class DayController
{
    /** Among so many of the newest days today's is looked for. */
    private const LATELY = 30;

    /** So many days of others are shown. */
    private const ABOARD = 5;

    /** So many finished days stand here, about what a screen holds; the logbook has them all. */
    private const FINISHED = 12;

    /** What a row of the list says. */
    private const IN_A_ROW = ['trips.id', 'name', 'day', 'conditions', 'closed_at', 'casts_made', 'lake_id'];

    public function index(Request $request): View
    {
        $days = $request->user()->trips()->select(self::IN_A_ROW)->whereNull('drill_seed')->withCount('contacts')->orderByDesc('day')->orderByDesc('id');
        $open = $days->clone()->whereNull('closed_at')->get();
        $closed = $days->whereNotNull('closed_at')->limit(self::FINISHED)->get();

        return view('days.index', [
            'open' => $open,
            'closed' => $closed,
            'aboard' => $this->aboard($request->user()),
            'cares' => $request->user()->box === null ? 0 : BoxBook::asking($request->user(), now()->toDateString()),
            'ask' => (string) Str::uuid(),
            'lakes' => $request->user()->lakes()->select(['id', 'name'])->orderBy('name')->get(),
            'lastLake' => collect([$open->first(), $closed->first()])->filter()->sortByDesc(static fn (Trip $day): array => [$day->day, $day->id])->first()?->lake_id,
        ]);
    }

    /** The form carries an id of its own: sent twice, it opens one day. */
    public function open(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['nullable', 'required_without:lake', 'string', 'max:80'],
            'date' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:1900-01-01'],
            'time' => ['bail', 'nullable', 'string', 'date_format:H:i'],
            'species' => ['nullable', Rule::enum(Species::class)],
            'lake' => ['nullable', 'integer'],
            'timezone' => ['bail', 'nullable', 'string', 'timezone:all'],
            'ask' => ['required', 'uuid'],
        ], [
            'date.date_format' => 'The date must be a day of the calendar.', 'name.required_without' => 'The name of the water must be said, or one of your lakes picked.',
        ]);
        $lake = isset($given['lake']) ? $request->user()->lakes()->select(Lake::LIGHT)->findOrFail((int) $given['lake']) : null;
        $trip = NewDay::open($request->user(), $lake, $given);

        return redirect()->route('read', $trip);
    }

    /** Where the app on a phone opens: on the day under way, else on today's, else on the days. */
    public function now(Request $request): RedirectResponse
    {
        $open = $request->user()->trips()->whereNull('closed_at')->whereNull('drill_seed')->orderByDesc('id')->limit(self::LATELY)->get();
        $today = $open->filter(static fn (Trip $t): bool => ($t->conditions['date'] ?? null) === $t->now()->toDateString());
        $day = $today->first(static fn (Trip $t): bool => $t->isUnderWay()) ?? $today->first() ?? $this->aboard($request->user())->first()?->trip;

        return $day === null ? redirect()->route('days') : redirect()->route('fish', $day);
    }

    /** @return Collection<int, Guest> open days of others on which the angler is aboard, the newest first */
    private function aboard(User $angler): Collection
    {
        return $angler->aboard_at === null
            ? new Collection
            : $angler->aboard()->with('trip.user')->whereRelation('trip', 'closed_at', null)->latest('id')->limit(self::ABOARD)->get();
    }
}
