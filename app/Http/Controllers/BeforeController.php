<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\RackSlot;
use App\Models\Trip;
use App\Waters\DayRoute;
use App\Year\Before;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Stop;

/** What other days say before this one: the same time in other years, days like it; one tap takes over what paid (Y1, Y2). */
final class BeforeController
{
    public function show(Request $request, Trip $trip): View
    {
        $before = new Before($trip);
        $data = ['trip' => $trip, 'before' => $before, 'same' => $before->paid('same'), 'like' => $before->paid('like')];
        $short = $data['same'] === [] ? [$before->alike, $data['like'], 'like'] : [$before->sameTime, $data['same'], 'same'];

        return $request->boolean('part') ? view('before.part', $data + ['short' => $short]) : view('before.show', $data);
    }

    /** Places go onto the route, lures onto the rack. */
    public function take(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(['from' => ['required', 'in:same,like']]);
        $before = new Before($trip);
        $paid = $before->paid($given['from']);
        [$rods, $places] = [$before->rods($paid), $before->places($paid)];
        foreach ($rods as $one) {
            RackSlot::rig($trip, ['lure' => $one->lure, 'color' => $one->color, 'depth_ft' => $one->depthFt, 'retrieve' => $one->retrieve]);
        }
        if ($trip->lake !== null && $places !== []) {
            $asked = $trip->route->asked ?? AskedRoute::usual(Stop::minutesBy($trip->user->schools()));
            DayRoute::plan($trip, $asked->with($places));
        }

        return redirect()->route($places === [] ? 'choose' : 'where', $trip)->with('said', sprintf(
            '%d %s on the rack%s.', count($rods), count($rods) === 1 ? 'lure is' : 'lures are', $places === [] ? '' : sprintf(', %d %s on the route', count($places),
                count($places) === 1 ? 'place' : 'places'),
        ));
    }
}
