<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\DayEvidence;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use OldEddy\Conditions\Settler;
use OldEddy\Reading\WaterReader;

final class ConfirmController
{
    public function show(Trip $trip): View
    {
        $stints = $trip->stints()->with('contacts')->get();

        return view('confirm.show', ['trip' => $trip, 'day' => new DayEvidence($trip, $stints, WaterReader::read(Settler::settle($trip->told()))), 'stints' => $stints]);
    }

    public function close(Trip $trip): RedirectResponse
    {
        $trip->update(['closed_at' => $trip->isOpen() ? now() : null]);

        return redirect()->route('confirm', $trip)->with('said', $trip->isOpen() ? 'The day is open again.' : 'The day is closed. Late entries from a device still find their way in.');
    }
}
