<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use Illuminate\Contracts\View\View;
use OldEddy\Lures\Catalog;

final class BenchController
{
    public function show(Trip $trip): View
    {
        $plan = $trip->plan();

        return view('bench.show', ['trip' => $trip, 'plan' => $plan, 'families' => Catalog::all(), 'deepest' => 40.0]);
    }
}
