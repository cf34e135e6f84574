<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\CalendarDrawing;
use App\Jobs\SumDays;
use App\Models\DaySums;
use App\Models\Share;
use App\Models\Trip;
use App\Models\User;
use App\Year\DayReport;
use App\Year\FishOfSeason;
use App\Year\Logbook;
use App\Year\Season;
use App\Year\SeasonReview;
use App\Year\SpotsShown;
use App\Year\WhatDayLeft;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OldEddy\Day\Season\Stage;

/** Looking back: the logbook, the season, the report of a day. */
final class LookBackController
{
    /** A report's words in a picture: so many letters a line. */
    private const LINE = 78;

    /** How many days are left to be added up, for the page that waits. */
    public function summing(Request $request): JsonResponse
    {
        return new JsonResponse(['left' => DaySums::left($request->user()->id)]);
    }

    public function logbook(Request $request): View
    {
        $asked = array_filter($request->validate(Logbook::ASKED), static fn (mixed $v): bool => $v !== null && $v !== '');
        if (($waiting = self::waiting($request->user())) !== null) {
            return $waiting;
        }
        $book = new Logbook($request->user(), $asked);
        $page = $book->page();
        $year = $book->year();
        $finished = array_filter($page->items(), static fn (object $d): bool => $d->closed_at !== null && $d->leaves === null && $d->casts_made > 0);

        return view('look-back.logbook', [
            'book' => $book, 'page' => $page, 'asked' => $asked, 'stages' => Stage::keys(),
            'calendar' => $year === null ? null : new CalendarDrawing($year, $book->ofYear($year)),
            'left' => WhatDayLeft::ofAll($request->user(), array_map(static fn (object $d): int => $d->id, array_values($finished))),
        ]);
    }

    public function season(Request $request): View
    {
        $asked = $request->validate(['year' => Logbook::ASKED['year'], 'species' => Logbook::ASKED['species'], 'lake' => ['nullable', 'integer']]);
        if (($waiting = self::waiting($request->user())) !== null) {
            return $waiting;
        }
        $season = Season::asking($request->user(), $asked);

        return view('look-back.season', [
            'season' => $season, 'review' => new SeasonReview($season), 'fish' => new FishOfSeason($season), 'lakes' => $season->lakes(),
        ]);
    }

    /** One day: its report, one's own notes, and who may read it. */
    public function day(Request $request, Trip $trip): View
    {
        $spots = $this->spots($request, $trip);

        return view('look-back.day', [
            'trip' => $trip, 'report' => new DayReport($trip, $spots, $trip->user->units()), 'spots' => $spots,
            'share' => Share::query()->where('trip_id', $trip->id)->first(),
        ]);
    }

    public function notes(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(['notes' => ['nullable', 'string', 'max:10000']]);
        $trip->update(['notes' => $given['notes'] ?? null]);

        return redirect()->route('look-back.day', $trip)->with('said', 'Your notes are kept.');
    }

    public function picture(Request $request, Trip $trip): Response
    {
        return $this->drawn(new DayReport($trip, $this->spots($request, $trip), $trip->user->units()));
    }

    public function text(Request $request, Trip $trip): Response
    {
        return $this->plain(new DayReport($trip, $this->spots($request, $trip), $trip->user->units()));
    }

    /** Gives the report a link; what its reader sees can be changed later. */
    public function share(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(['spots' => ['required', Rule::in(Share::SPOTS)], 'positions' => ['nullable', 'boolean']]);
        $share = Share::query()->firstOrCreate(['trip_id' => $trip->id], ['token' => Str::random(40)]);
        $share->update(['spots' => $given['spots'], 'positions' => (bool) ($given['positions'] ?? false)]);

        return redirect()->route('look-back.day', $trip)->with('said', 'Whoever has the link can read this report. Take it back whenever you like.');
    }

    public function unshare(Trip $trip): RedirectResponse
    {
        Share::query()->where('trip_id', $trip->id)->delete();

        return redirect()->route('look-back.day', $trip)->with('said', 'The link is taken back: it leads nowhere now.');
    }

    /** The report for whoever has its link, without an account. */
    public function shared(string $token): Response
    {
        $report = $this->reportOf($token);

        return response(view('look-back.shared', ['report' => $report, 'token' => $token, 'units' => $report->trip->user->units()]))->header('X-Robots-Tag', 'noindex, nofollow');
    }

    public function sharedPicture(string $token): Response
    {
        return $this->drawn($this->reportOf($token))->header('X-Robots-Tag', 'noindex, nofollow');
    }

    public function sharedText(string $token): Response
    {
        return $this->plain($this->reportOf($token))->header('X-Robots-Tag', 'noindex, nofollow');
    }

    private function reportOf(string $token): DayReport
    {
        $share = Share::query()->where('token', $token)->firstOrFail();
        $trip = Trip::query()->with('user')->findOrFail($share->trip_id);

        return new DayReport($trip, new SpotsShown($share->spots, $share->positions, $trip->lake), $trip->user->units());
    }

    private function spots(Request $request, Trip $trip): SpotsShown
    {
        $given = $request->validate(['spots' => ['nullable', Rule::in(Share::SPOTS)], 'positions' => ['nullable', 'boolean']]);

        return new SpotsShown($given['spots'] ?? 'named', (bool) ($given['positions'] ?? false), $trip->lake);
    }

    private function drawn(DayReport $report): Response
    {
        $lines = [];
        foreach ($report->sections() as $heading => $said) {
            $lines[] = [$heading, true];
            foreach ($said as $one) {
                foreach (explode("\n", wordwrap($one, self::LINE, "\n", true)) as $line) {
                    $lines[] = [$line, false];
                }
            }
        }

        return response(view('look-back.picture', ['report' => $report, 'lines' => $lines]))->header('Content-Type', 'image/svg+xml')
            ->header('Content-Disposition', "inline; filename=\"report-{$report->date()}.svg\"");
    }

    private function plain(DayReport $report): Response
    {
        $text = "{$report->title()}, {$report->date()}\n";
        foreach ($report->sections() as $heading => $said) {
            $text .= "\n{$heading}\n".implode('', array_map(static fn (string $one): string => "- {$one}\n", $said));
        }

        return response($text)->header('Content-Type', 'text/plain; charset=utf-8');
    }

    /** The page that waits where many days have to be added up first, with the queue set to work; null where none have. */
    private static function waiting(User $angler): ?View
    {
        if (DaySums::left($angler->id) <= DaySums::AT_ONCE) {
            return null;
        }
        SumDays::dispatch($angler->id);
        $left = DaySums::left($angler->id);

        return $left <= DaySums::AT_ONCE ? null : view('look-back.summing', ['left' => $left, 'enough' => DaySums::AT_ONCE]);
    }
}
