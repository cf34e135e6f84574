<?php

declare(strict_types=1);

namespace App\Year;

use App\Log\DayEvidence;
use App\Models\Trip;
use App\Models\User;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Log\Evidence\DaySummary;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Stood;
use OldEddy\Reading\WaterReader;

/** The verdict of a finished day and what it left (Y5), kept with the day until its log or its water changes. */
final class WhatDayLeft
{
    /**
     * @param  list<int>  $ids  of days of an angler
     * @return array<int, array{verdict: string, held: list<array{string, string}>, faded: list<array{string, string}>, rejected: list<array{string, string}>}>
     */
    public static function ofAll(User $angler, array $ids): array
    {
        $left = [];
        $trips = Trip::query()->where('user_id', $angler->id);
        $trips->whereIn('id', $ids);
        foreach ($trips->get() as $trip) {
            $left[$trip->id] = self::of($trip->setRelation('user', $angler));
        }

        return $left;
    }

    /** @return array{verdict: string, held: list<array{string, string}>, faded: list<array{string, string}>, rejected: list<array{string, string}>} */
    public static function of(Trip $trip): array
    {
        if ($trip->leaves === null) {
            $stints = $trip->stints()->with('contacts')->get();
            $day = new DayEvidence($trip, $stints, WaterReader::read(Settler::settle($trip->told())));
            $summary = DaySummary::of($day->evidence);
            $level = static fn (LevelEvidence $l): array => [$l->factor, $l->level];
            $stood = static fn (Stood $s): array => $level($s->level);
            $left = [
                'verdict' => $day->pattern->verdict->words(), 'held' => array_map($stood, $summary->held),
                'faded' => array_map($stood, $summary->faded), 'rejected' => array_map($level, $summary->rejected),
            ];
            // It is written beside the day: the day itself was not changed.
            Trip::query()->whereKey($trip->id)->toBase()->update(['leaves' => json_encode($left)]);
            $trip->setRawAttributes(['leaves' => json_encode($left)] + $trip->getAttributes(), true);
        }

        /** @var array{verdict: string, held: list<array{string, string}>, faded: list<array{string, string}>, rejected: list<array{string, string}>} */
        return $trip->leaves;
    }
}
