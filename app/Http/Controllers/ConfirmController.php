<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\Deck;
use App\Log\OwnTargets;
use App\Models\Trip;
use App\Waters\LikeTheBest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use OldEddy\Log\Evidence\Crew;
use OldEddy\Log\Evidence\DaySummary;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Losses;
use OldEddy\Log\Evidence\Shared;

final class ConfirmController
{
    public function show(Trip $trip): View
    {
        $deck = new Deck($trip, $trip->user->units());

        return view('confirm.show', [
            'trip' => $trip,
            'day' => $deck->day,
            'stints' => $deck->stints,
            'ribbon' => $deck->ribbon(),
            'summary' => DaySummary::of($deck->day->evidence),
            'crew' => Crew::of($deck->day->evidence),
            'alike' => $this->likeTheBest($deck),
            'neverTried' => $deck->neverTried(),
            // One fish shares everything with itself.
            'shared' => $deck->day->evidence->contactCount() > 1 ? Shared::levels($deck->day->evidence->stints) : [],
            'losses' => Losses::byLure($deck->day->evidence->stints),
            'targets' => OwnTargets::clock($trip->user),
        ]);
    }

    /** What is like the spot that gave most, where that is marked. */
    private function likeTheBest(Deck $deck): ?LikeTheBest
    {
        $best = collect($deck->day->evidence->levelsOf('spot'))->first(fn (LevelEvidence $l): bool => $l->contactCount > 0);

        return $best === null ? null : $deck->toFish->like($best->level);
    }

    public function close(Trip $trip): RedirectResponse
    {
        $trip->update(['closed_at' => $trip->isOpen() ? now() : null]);

        return redirect()->route('confirm', $trip)->with(
            'said',
            $trip->isOpen() ? 'The day is open again.' : 'The day is closed. Late entries from a device still find their way in.',
        );
    }
}
