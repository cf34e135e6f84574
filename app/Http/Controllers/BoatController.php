<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boat\Listener;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the boat's instruments said, and recordings of them. */
final class BoatController
{
    public function show(Trip $trip): View
    {
        return view('boat.show', ['trip' => $trip, 'boat' => $trip->boat, 'fixes' => $trip->fixes()->count()]);
    }

    public function take(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate(
            ['recording' => ['required', 'file', 'max:450']],
            ['recording.max' => 'The recording is larger than 450 KB; larger ones are read by php artisan eddy:listen --file.'],
        );
        $listener = new Listener($trip);
        $lines = fopen($given['recording']->getRealPath(), 'rb');
        while ($lines !== false && ($line = fgets($lines, 512)) !== false) {
            $listener->hear($line);
        }
        if ($listener->state()->heard === 0) {
            return back()->withErrors(['recording' => 'No line of this file is a sound NMEA 0183 sentence.']);
        }
        $listener->keep();

        return redirect()->route('boat', $trip)->with(
            'said',
            sprintf('%d sentences read, %d lines broken.', $listener->state()->heard, array_sum($listener->state()->broken)),
        );
    }
}
