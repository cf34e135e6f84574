<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use Illuminate\Contracts\View\View;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\SchoolsCompared;

final class SchoolsController
{
    public function show(Trip $trip): View
    {
        return view('schools.show', ['trip' => $trip, 'compared' => SchoolsCompared::on(Settler::settle($trip->told()))]);
    }
}
