<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use Illuminate\Contracts\View\View;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Pictures\Slice\Scene;

final class BenchController
{
    /** As deep as any family of the catalog works. */
    private const DEEPEST_FT = 40.0;

    public function show(Trip $trip): View
    {
        $plan = $trip->plan();

        return view(
            'bench.show',
            [
                'trip' => $trip, 'plan' => $plan, 'families' => Catalog::all(), 'deepest' => self::DEEPEST_FT,
                'layers' => Scene::layers($plan->reading, self::DEEPEST_FT),
            ],
        );
    }
}
