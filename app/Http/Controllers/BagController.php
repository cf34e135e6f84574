<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use App\Year\BagAhead;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The bag, and what the rest of the day promises to it (Y7). */
final class BagController
{
    public function show(Request $request, Trip $trip): View
    {
        $given = $request->validate(['hours' => ['nullable', 'numeric', 'between:0.25,16']], [], ['hours' => 'hours left']);

        return view('look-back.bag', ['trip' => $trip, 'ahead' => new BagAhead($trip, isset($given['hours']) ? (float) $given['hours'] : null)]);
    }
}
