<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

final class DayController
{
    /** Among so many of the newest days today's is looked for. */
    private const LATELY = 30;

    /** What a new day takes over from the last one: the water changes, the place and the fish seldom do. */
    private const CARRIED = ['species', 'waterbody', 'lat', 'lon', 'timezone', 'platform', 'rods', 'owned'];

    /** So many finished days stand on a page. */
    private const A_PAGE = 25;

    public function index(Request $request): View
    {
        $request->validate(['page' => ['nullable', 'integer', 'between:1,100000']]);
        $days = $request->user()->trips()->whereNull('drill_seed')->withCount('contacts')->orderByDesc('day')->orderByDesc('id');

        return view('days.index', [
            'open' => $days->clone()->whereNull('closed_at')->get(),
            'closed' => $days->clone()->whereNotNull('closed_at')->paginate(self::A_PAGE),
            'ask' => (string) Str::uuid(),
        ]);
    }

    /** The form carries an id of its own: sent twice, it opens one day. */
    public function open(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'date' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:1900-01-01'],
            'timezone' => ['bail', 'nullable', 'string', 'timezone:all'],
            'ask' => ['required', 'uuid'],
        ], ['date.date_format' => 'The date must be a day of the calendar.']);
        $last = $request->user()->trips()->whereNull('drill_seed')->latest('id')->first();
        $conditions = ['species' => 'largemouth_bass', ...array_intersect_key($last->conditions ?? [], array_flip(self::CARRIED)), 'date' => $given['date']];
        if (isset($given['timezone'])) {
            $conditions['timezone'] ??= $given['timezone'];
        }
        $trip = $request->user()->trips()->firstOrCreate(['ask' => $given['ask']], ['name' => $given['name'], 'conditions' => $conditions]);

        return redirect()->route('read', $trip);
    }

    /** Where the app on a phone opens: on the day under way, else on today's, else on the days. */
    public function now(Request $request): RedirectResponse
    {
        $open = $request->user()->trips()->whereNull('closed_at')->whereNull('drill_seed')->orderByDesc('id')->limit(self::LATELY)->get();
        $today = $open->filter(static fn (Trip $t): bool => ($t->conditions['date'] ?? null) === $t->now()->toDateString());
        $day = $today->first(static fn (Trip $t): bool => $t->isUnderWay()) ?? $today->first();

        return $day === null ? redirect()->route('days') : redirect()->route('fish', $day);
    }
}
