<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\DayEvidence;
use App\Log\EventTaker;
use App\Models\RackSlot;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use OldEddy\Conditions\Settler;
use OldEddy\Lineup\Entry;
use OldEddy\Lineup\Setup;
use OldEddy\Lineup\Wish;
use OldEddy\Lures\Catalog;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;
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
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $stints = $trip->stints()->with('contacts')->get();
        $stint = $stints->last();
        // Drawn as it is fished: the logged depth, not the plan's.
        $setup = $stint === null ? null : Setup::of(Catalog::get($stint->lure), $reading, new Wish(depthFt: $stint->depth_ft));

        return [
            'trip' => $trip,
            'reading' => $reading,
            'rods' => $this->rods($trip, $reading, $stints),
            'rackIsEmpty' => $trip->rack->isEmpty(),
            'stint' => $stint,
            'setup' => $setup,
            'scene' => $setup === null ? Scene::ofReading($reading) : Scene::ofSetup($reading, $setup),
            'spots' => $stints->pluck('spot')->unique()->values(),
            'day' => new DayEvidence($trip, $stints, $reading),
            'last' => $trip->events()->where('undone', false)->where('kind', '!=', 'undo')->latest('seq')->value('id'),
            'contacts' => $stints->flatMap(fn (Stint $s) => $s->contacts)->groupBy('kind')->map->count(),
        ];
    }

    /**
     * The rack, or the rods of today's plan while it is empty; and what was fished today, so that one tap goes back to it.
     *
     * @param  Collection<int, Stint>  $stints
     * @return Collection<int, RackSlot>
     */
    private function rods(Trip $trip, Reading $reading, Collection $stints): Collection
    {
        $rods = $trip->rack->isNotEmpty() ? $trip->rack->toBase() : collect(Planner::planFor($reading)->rods)->map(fn (Entry $rod): RackSlot => new RackSlot([
            'lure' => $rod->lure->key, 'color' => $rod->colors[0]->family->value, 'depth_ft' => $rod->setup->depthFt, 'retrieve' => $rod->setup->cadence->key,
        ]));
        $fished = $stints->toBase()->map(fn (Stint $stint): RackSlot => new RackSlot($stint->only(['lure', 'color', 'depth_ft', 'retrieve'])));

        return $rods->concat($fished->reverse())->unique('lure')->values();
    }
}
