<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;

/**
 * When something was logged. A device says it with its offset from UTC, and it is written down as the clock at the water
 * shows it; without an offset it is taken to be the water's own time.
 */
final class MomentOfDay
{
    private const FORM = '/^(\d{4})-(\d\d)-(\d\d)T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(Z|[+-]\d\d:\d\d)?$/';

    /** Nobody logged anything before this year. */
    private const FIRST_YEAR = 1990;

    /** A device's clock may be this much ahead, and a time without an offset may be another zone's. */
    private const AHEAD_H = 38;

    /** A night's fishing still belongs to the day on which it began, up to this hour. */
    private const NIGHT_ENDS_H = 6;

    /** @var array<string, string> when a day ends, by its date */
    private static array $ends = [];

    /** What is wrong with a moment as a device says it; null where nothing is. */
    public static function problem(mixed $value): ?string
    {
        if (! is_string($value) || preg_match(self::FORM, $value, $m) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            return 'must be written YYYY-MM-DDTHH:MM:SS, with the offset from UTC or without.';
        }

        return (int) $m[1] < self::FIRST_YEAR || (new DateTimeImmutable($value))->getTimestamp() > Carbon::now()->addHours(self::AHEAD_H)->getTimestamp()
            ? "cannot be: the clock of this device says {$m[1]}-{$m[2]}-{$m[3]}. Put it right, then send this again." : null;
    }

    /** As the clock at the water shows it, YYYY-MM-DDTHH:MM:SS. */
    public static function local(string $at, Trip $trip): string
    {
        $zone = $trip->conditions['timezone'] ?? null;
        $hasOffset = preg_match(self::FORM, $at, $m) === 1 && isset($m[5]);

        return $hasOffset && $zone !== null ? (new DateTimeImmutable($at))->setTimezone(new DateTimeZone($zone))->format('Y-m-d\TH:i:s') : substr($at, 0, 19);
    }

    /** What is to be said of a local time that does not lie in the day; null where it does. */
    public static function outside(string $local, Trip $trip): ?string
    {
        $date = $trip->conditions['date'] ?? null;
        if ($date === null) {
            return null;
        }
        $ends = self::$ends[$date] ??= (new DateTimeImmutable($date))->modify('+1 day')->modify('+'.self::NIGHT_ENDS_H.' hours')->format('Y-m-d\TH:i:s');

        // Written like this, moments stand in the order of their letters.
        return $local >= $date && $local < $ends ? null
            : sprintf('Logged at %s, which is not in this day (%s).', str_replace('T', ' ', substr($local, 0, 16)), $date);
    }
}
