<?php

declare(strict_types=1);

namespace App\Show;

/** The order of the work, as far as it is somebody's: a guest fishes, a hidden day is fished and weighed. */
final class Steps
{
    /**
     * @param  bool  $own  whether the day is one's own
     * @param  bool  $hidden  whether it is a hidden one
     * @return array<string, string> verbs by the name of their page
     */
    public static function of(bool $own, bool $hidden): array
    {
        return match (true) {
            ! $own => ['fish' => 'Fish', 'crew' => 'Crew'],
            $hidden => ['fish' => 'Fish', 'confirm' => 'Confirm'],
            default => ['read' => 'Read', 'choose' => 'Choose', 'where' => 'Where', 'fish' => 'Fish', 'confirm' => 'Confirm', 'look-back.day' => 'Look back'],
        };
    }
}
