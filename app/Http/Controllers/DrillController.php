<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\CurveDrawing;
use App\Drill\DrillFish;
use App\Drill\TowDrill;
use App\Log\Deck;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OldEddy\Contract\SpreadContract;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Drill\Habit\FollowsAdvice;
use OldEddy\Drill\Outing;
use OldEddy\Drill\Reckoning;
use OldEddy\Drill\Tow\FollowsShift;
use OldEddy\Drill\Tow\TowDay;
use OldEddy\Drill\Tow\TowOuting;
use OldEddy\Drill\Tow\TowReckoning;

/** The trainer: a hidden day is fished on the real deck, and the advice fishes the same day beside it. */
final class DrillController
{
    public function index(Request $request): View
    {
        return view(
            'drill.index',
            [
                'drills' => $request->user()->trips()->whereNotNull('drill_seed')->withCount('contacts')->latest('id')->limit(20)->get(),
                'ask' => (string) Str::uuid(),
            ],
        );
    }

    public function begin(Request $request): RedirectResponse
    {
        $given = $request->validate(['ask' => ['required', 'uuid'], 'seed' => ['nullable', 'integer', 'between:1,999999'], 'mode' => ['nullable', Rule::enum(Mode::class)]]);
        $seed = (int) ($given['seed'] ?? random_int(1, 999999));
        if (($given['mode'] ?? null) === Mode::Troll->value) {
            return $this->beginTowed($request, $given['ask'], $seed);
        }
        $trip = $request->user()->trips()->firstOrCreate(['ask' => $given['ask']], [
            'name' => "Drill on hidden day {$seed}", 'drill_seed' => $seed,
            'conditions' => [
                'species' => 'largemouth_bass', 'date' => '2026-05-02', 'time' => '07:00', 'water' => ['temp_f' => 66],
                'timezone' => 'America/New_York',
            ],
        ]);

        return redirect()->route('fish', $trip);
    }

    private function beginTowed(Request $request, string $ask, int $seed): RedirectResponse
    {
        $trip = $request->user()->trips()->firstOrCreate(['ask' => $ask], [
            'name' => "Drill on hidden trolling day {$seed}", 'drill_seed' => $seed, 'conditions' => TowDay::CONDITIONS, 'spread' => SpreadContract::kept(TowDay::spread()),
        ]);

        return redirect()->route('drill.tow', $trip);
    }

    /** What the water hid from towed lines, and how the advice would have done in the same minutes. */
    private function towed(Trip $trip): View
    {
        $drill = TowDrill::of($trip);
        $advised = $drill->gone === 0 ? null : TowOuting::fish($drill->day, new FollowsShift(TowDay::stand()), TowDay::spread(), $drill->gone);
        $mine = TowReckoning::of($drill->day, $drill->towed(), $drill->gone);

        return view('drill.tow-end', [
            'trip' => $trip, 'hidden' => $drill->day, 'drill' => $drill, 'mine' => $mine, 'advised' => $advised,
            'curves' => new CurveDrawing([$mine->curve, $advised->curve ?? [[0, 0.0]]]),
        ]);
    }

    /** What the water hid, and how the advice would have done with the same casts. */
    public function end(Trip $trip): View
    {
        abort_if($trip->drill_seed === null, 404);
        if (TowDrill::is($trip)) {
            return $this->towed($trip);
        }
        $day = DrillFish::day($trip);
        $deck = new Deck($trip, $trip->user->units());
        $casts = $deck->day->evidence->casts();
        $weight = array_sum(array_map(fn ($s): float => $s->weight(), $deck->day->evidence->stints));

        $advised = $casts === 0 ? null : Outing::fish($day, new FollowsAdvice($trip->user->schools()), DrillFish::now($trip, $deck->stints)->time->goneMin);
        $mine = Reckoning::of($day, $deck->day->evidence->stints);
        $its = Reckoning::of($day, $advised->stints ?? []);

        return view('drill.end', [
            'trip' => $trip,
            'hidden' => $day,
            'casts' => $casts,
            'weight' => $weight,
            'day' => $deck->day,
            'advised' => $advised,
            'mine' => $mine,
            'curves' => new CurveDrawing([$mine->curve, $its->curve]),
        ]);
    }
}
