<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Day\Sun\SunDay;

/** The turns that the sun makes by itself: out of the low light of the morning, into that of the evening (rules W16, M12). */
final class SunTurns
{
    private const STEP = 5;

    /**
     * @param  string  $date  YYYY-MM-DD, the date of the sun's day
     * @return list<Turn> at most two
     */
    public static function of(SunDay $sun, string $date): array
    {
        $turns = [];
        $was = $sun->at(0)->isLow();
        for ($minute = self::STEP; $minute < 1440; $minute += self::STEP) {
            $is = $sun->at($minute)->isLow();
            if ($is !== $was) {
                $turns[] = new Turn(sprintf('%sT%02d:%02d:00', $date, intdiv($minute, 60), $minute % 60), TurnKind::Light);
            }
            $was = $is;
        }

        return $turns;
    }
}
