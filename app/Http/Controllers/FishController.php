<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\DayEvidence;
use App\Log\EventTaker;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OldEddy\Lineup\Setup;
use OldEddy\Lures\Catalog;
use OldEddy\Slice\Scene;

final class FishController
{
    /** More than any honest device sends at once. */
    private const MOST_EVENTS = 200;

    public function show(Trip $trip): View
    {
        return view('fish.show', $this->deck($trip));
    }

    public function log(Request $request, Trip $trip): JsonResponse
    {
        $given = $request->validate(['events' => ['required', 'array', 'list', 'max:'.self::MOST_EVENTS]]);
        $answers = (new EventTaker($trip))->take($given['events']);

        return new JsonResponse(['events' => $answers, 'html' => view('fish.deck', $this->deck($trip))->render()]);
    }

    /** @return array<string, mixed> */
    private function deck(Trip $trip): array
    {
        $plan = $trip->plan();
        $stints = $trip->stints()->with('contacts')->get();
        $stint = $stints->last();
        // Drawn as it is fished: the logged depth, not the plan's.
        $setup = $stint === null ? null : Setup::of(Catalog::get($stint->lure), $plan->reading, depthFt: $stint->depth_ft);

        return [
            'trip' => $trip,
            'plan' => $plan,
            'rack' => $trip->rack,
            'stint' => $stint,
            'setup' => $setup,
            'scene' => $setup === null ? Scene::ofReading($plan->reading) : Scene::ofSetup($plan->reading, $setup),
            'spots' => $stints->pluck('spot')->unique()->values(),
            'day' => new DayEvidence($trip),
            'last' => $trip->events()->where('undone', false)->where('kind', '!=', 'undo')->latest('seq')->value('id'),
            'contacts' => $stints->flatMap(fn (Stint $s) => $s->contacts)->groupBy('kind')->map->count(),
        ];
    }
}
