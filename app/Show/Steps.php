<?php

declare(strict_types=1);

namespace App\Show;

use App\Models\Trip;
use Illuminate\Support\Facades\Auth;

/** The order of the work, as far as it is somebody's: a guest fishes, a hidden day is fished and weighed. */
final class Steps
{
    /** @return array<string, string> verbs by the name of their page */
    public static function of(Trip $trip): array
    {
        return match (true) {
            $trip->user_id !== Auth::id() => ['fish' => 'Fish', 'crew' => 'Crew'],
            $trip->drill_seed !== null => ['fish' => 'Fish', 'confirm' => 'Confirm'],
            default => ['read' => 'Read', 'choose' => 'Choose', 'where' => 'Where', 'fish' => 'Fish', 'confirm' => 'Confirm', 'look-back.day' => 'Look back'],
        };
    }
}
