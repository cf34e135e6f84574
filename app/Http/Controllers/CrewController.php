<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\BagWords;
use App\Log\Deck;
use App\Log\Joining;
use App\Log\OwnCopy;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Choice\Lineup\Split;
use OldEddy\Log\Evidence\Crew;

/** Who is aboard, how they do, and who comes along (G1-G4, G7). */
final class CrewController
{
    public function show(Request $request, Trip $trip): View
    {
        $guest = $trip->guestOf($request->user());
        $units = $request->user()->units();
        $deck = new Deck($trip, $units, $guest);

        return view('crew.show', [
            'trip' => $trip,
            'guest' => $guest,
            'code' => $guest === null ? Joining::code($trip) : null,
            'crew' => Crew::of($deck->day->evidence),
            'split' => Split::between(($deck->toFish->plan() ?? $trip->plan())->lineup),
            'bag' => (new BagWords($trip, $deck->stints, $units))->lines(),
        ]);
    }

    /** A code, by which others come aboard. */
    public function ask(Trip $trip): RedirectResponse
    {
        // A hidden day is practised alone.
        abort_if($trip->drill_seed !== null || ! $trip->isOpen(), 404);
        Joining::open($trip);

        return redirect()->route('crew', $trip)->with('said', 'Whoever has the code can come aboard until tomorrow.');
    }

    public function askNoMore(Trip $trip): RedirectResponse
    {
        Joining::close($trip);

        return redirect()->route('crew', $trip)->with('said', 'The code no longer works. Who is aboard stays aboard.');
    }

    /** A guest goes home: what he logged stays in the log. */
    public function ashore(Trip $trip, int $guest): RedirectResponse
    {
        $gone = $trip->guests()->findOrFail($guest);
        Joining::ashore($gone);

        return redirect()->route('crew', $trip)->with('said', "{$gone->name} is ashore. What was logged stays. The code no longer works: make a new one for others.");
    }

    /** What the guest logged becomes a day of his own as well. */
    public function keep(Request $request, Trip $trip): RedirectResponse
    {
        $guest = $trip->guestOf($request->user());
        abort_if($guest === null || $guest->user->guest, 404);

        return redirect()->route('look-back.day', OwnCopy::of($guest))->with('said', 'This is your copy of what you logged. The day itself stays as it is.');
    }

    public function leave(Request $request, Trip $trip): RedirectResponse
    {
        $guest = $trip->guestOf($request->user());
        abort_if($guest === null, 404);
        $guest->delete();

        return redirect()->route('days')->with('said', 'You are ashore. What you logged stays in the log of the day.');
    }
}
