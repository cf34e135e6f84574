<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Asked;
use App\Log\Bites;
use App\Log\Deck;
use App\Log\OwnTargets;
use App\Models\Trip;
use App\Waters\DayOnLake;
use App\Waters\ForTheTournament;
use App\Waters\LikeTheBest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Log\Evidence\Crew;
use OldEddy\Log\Evidence\DaySummary;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Losses;
use OldEddy\Log\Evidence\Shared;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Where\Route\AskedRoute;

final class ConfirmController
{
    public function show(Request $request, Trip $trip): View
    {
        $given = Asked::of($request, [
            'for' => ['nullable', 'date_format:Y-m-d'], 'from' => ['nullable', 'integer', 'between:0,23'], 'to' => ['nullable', 'integer', 'between:0,23', 'gte:from'],
        ], ['to.gte' => 'The last hour must be no earlier than the first.'], ['for' => 'day of the tournament', 'from' => 'first hour', 'to' => 'last hour']);
        $deck = new Deck($trip, $trip->user->units());
        $scene = Scene::ofReading($deck->reading);

        return view('confirm.show', [
            'trip' => $trip,
            'day' => $deck->day,
            'stints' => $deck->stints,
            'tow' => $deck->tow,
            'ribbon' => $deck->ribbon(),
            'scene' => $scene,
            'bites' => Bites::in($scene, $deck->stints),
            'summary' => DaySummary::of($deck->day->evidence),
            'crew' => Crew::of($deck->day->evidence),
            'alike' => $this->likeTheBest($deck),
            'tournament' => $this->tournament($trip, $given),
            'neverTried' => $deck->neverTried(), 'next' => $deck->next(),
            // One fish shares everything with itself.
            'shared' => $deck->day->evidence->contactCount() > 1 ? Shared::levels($deck->day->evidence->stints) : [],
            'losses' => Losses::byLure($deck->day->evidence->stints),
            'targets' => OwnTargets::clock($trip->user),
        ]);
    }

    /** @param  array{for?: ?string, from?: ?string, to?: ?string}  $given */
    private function tournament(Trip $trip, array $given): ?ForTheTournament
    {
        $date = $given['for'] ?? $trip->conditions['date'] ?? null;

        return ! $trip->practice || $trip->lake === null || $date === null ? null : ForTheTournament::of(
            new DayOnLake($trip, $trip->lake), $date, (int) ($given['from'] ?? intdiv(AskedRoute::FROM, 60)), (int) ($given['to'] ?? intdiv(AskedRoute::TO, 60)),
        );
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
