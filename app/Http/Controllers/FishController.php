<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drill\DrillFish;
use App\Drill\TowDrill;
use App\Log\Deck;
use App\Log\Disputes;
use App\Log\EventTaker;
use App\Log\SpotsAhead;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class FishController
{
    /** More than any honest device sends at once. */
    private const MOST_EVENTS = 500;

    public function show(Request $request, Trip $trip): View|RedirectResponse
    {
        // The minutes of a hidden trolling day pass on a page of their own.
        if (TowDrill::is($trip)) {
            return redirect()->route('drill.tow', $trip);
        }

        return view('fish.show', ['trip' => $trip, 'guest' => $trip->guestOf($request->user()), 'state' => $this->deck($request, $trip)->state()]);
    }

    /** Takes a batch; the state comes with the last one only, since a long queue has no use for it in between. */
    public function log(Request $request, Trip $trip): JsonResponse
    {
        $given = $request->validate(
            [
                'events' => ['present', 'array', 'list', 'max:'.self::MOST_EVENTS], 'more' => ['nullable', 'boolean'],
                'slices' => ['nullable', 'array', 'list', 'max:100'], 'slices.*' => ['string', 'max:40'],
                'ground' => ['nullable', 'string', 'max:40'],
            ],
        );
        $answers = (new EventTaker($trip, $trip->guestOf($request->user())))->take($given['events']);
        if ($trip->drill_seed !== null) {
            DrillFish::answer($trip);
        }

        if ($given['more'] ?? false) {
            return new JsonResponse(['events' => $answers, 'state' => null]);
        }
        $deck = $this->deck($request, $trip);

        return new JsonResponse(['events' => $answers] + (isset($given['ground']) && $given['ground'] === $deck->groundKey()
            ? ['after' => $deck->after($given['events'])]
            : ['state' => $deck->state($given['slices'] ?? [])]));
    }

    /** The day as it was fished, drawn; the deck asks for it now and then. */
    public function ribbon(Request $request, Trip $trip): View
    {
        return view('partials.ribbon', ['ribbon' => $this->deck($request, $trip)->ribbon(), 'key' => 'deck']);
    }

    /** What the deck shows at the other spots of the day, for a device to keep. */
    public function ahead(Request $request, Trip $trip): JsonResponse
    {
        $deck = $this->deck($request, $trip);

        return new JsonResponse(['spots' => (object) SpotsAhead::of($trip, $deck->toFish, $request->user()->units(), $deck->shared())]);
    }

    /** Two devices said different things: the angler says which is right. */
    public function settle(Request $request, Trip $trip, int $dispute): RedirectResponse|JsonResponse
    {
        $given = $request->validate(['take' => ['required', 'in:kept,other']]);
        Disputes::settle($trip, $trip->disputes()->findOrFail($dispute), $given['take'] === 'other');

        return $request->expectsJson() ? new JsonResponse(['state' => $this->deck($request, $trip)->state()]) : back();
    }

    private function deck(Request $request, Trip $trip): Deck
    {
        return new Deck($trip, $request->user()->units(), $trip->guestOf($request->user()));
    }
}
