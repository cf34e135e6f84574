<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\SpreadOfDay;
use App\Drawing\SpreadDrawing;
use App\Drill\TowDrill;
use App\Log\Deck;
use App\Models\Contact;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Contract\SpreadContract;
use OldEddy\Drill\Tow\HiddenTow;
use OldEddy\Troll\BottomBehind;

/** A hidden trolling day is fished: towed on for some minutes, looked at what struck, a line moved, towed on. */
final class TowDrillController
{
    /** One tows on for at most so many minutes at once. */
    private const AT_ONCE_MIN = 30;

    /** Minutes that are offered; strikes of the longest of them are shown. */
    private const OFFERED_MIN = [5, 10, 20];

    public function show(Trip $trip): View
    {
        abort_unless(TowDrill::is($trip), 404);
        $deck = new Deck($trip, $trip->user->units());
        $spread = SpreadOfDay::of($trip);
        $drill = new TowDrill($trip, $deck->stints);
        $lately = $drill->lately(max(self::OFFERED_MIN));
        $stints = $deck->stints->keyBy('id');

        return view('drill.tow', [
            'trip' => $trip, 'drill' => $drill, 'tow' => $deck->tow, 'spread' => $spread, 'turn' => null, 'whole' => HiddenTow::DAY_MIN, 'offered' => self::OFFERED_MIN,
            'lately' => $lately, 'stints' => $stints, 'struck' => array_map(static fn (Contact $c): ?string => $stints[$c->stint_id]->line, $lately),
            'draw' => new SpreadDrawing($spread, null, true, $deck->reading->stand, BottomBehind::even(null, $spread)),
        ]);
    }

    public function on(Request $request, Trip $trip): RedirectResponse
    {
        abort_unless(TowDrill::is($trip), 404);
        $asked = $request->validate(['minutes' => ['required', 'integer', 'between:1,'.self::AT_ONCE_MIN], 'gone' => ['required', 'integer', 'min:0']]);
        TowDrill::on($trip, (int) $asked['gone'], (int) $asked['minutes']);

        return redirect()->route('drill.tow', $trip);
    }

    /** Makes the move that is proposed. */
    public function shift(Trip $trip): RedirectResponse
    {
        abort_unless(TowDrill::is($trip), 404);
        $shift = (new Deck($trip, $trip->user->units()))->tow->shift();
        if ($shift !== null) {
            $trip->update(['spread' => SpreadContract::kept($shift->applied(SpreadOfDay::of($trip)))]);
        }

        return redirect()->route('drill.tow', $trip)->with('said', $shift === null ? 'No move is proposed just now.' : 'Done: '.$shift->moved->words().' is moved.');
    }
}
