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
final readonly class MomentOfDay
{
    private const FORM = '/^(\d{4})-(\d\d)-(\d\d)T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(Z|[+-](0\d|1[0-4]):[0-5]\d)?$/';

    /** Nobody logged anything before this year. */
    private const FIRST_YEAR = 1990;

    /** A device's clock may be this much ahead, and a time without an offset may be another zone's. */
    private const AHEAD_H = 38;

    /** A night's fishing still belongs to the day on which it began, up to this hour. */
    private const NIGHT_ENDS_H = 6;

    private ?DateTimeZone $zone;

    private ?string $date;

    /** When the day ends, in the form of a local time. */
    private string $ends;

    public function __construct(Trip $trip)
    {
        $conditions = $trip->conditions;
        $this->zone = isset($conditions['timezone']) ? new DateTimeZone($conditions['timezone']) : null;
        $this->date = $conditions['date'] ?? null;
        $this->ends = $this->date === null ? ''
            : (new DateTimeImmutable($this->date))->modify('+1 day')->modify('+'.self::NIGHT_ENDS_H.' hours')->format('Y-m-d\TH:i:s');
    }

    /** The latest moment that a device's clock may say now, seconds since 1970. */
    public static function latest(): int
    {
        return (int) Carbon::now()->addHours(self::AHEAD_H)->getTimestamp();
    }

    /** What is wrong with a moment as a device says it; null where nothing is. */
    public static function problem(mixed $value, int $latest): ?string
    {
        if (! is_string($value) || preg_match(self::FORM, $value, $m) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            return 'must be written YYYY-MM-DDTHH:MM:SS, with the offset from UTC or without.';
        }

        return (int) $m[1] < self::FIRST_YEAR || (new DateTimeImmutable($value))->getTimestamp() > $latest
            ? "cannot be: the clock of this device says {$m[1]}-{$m[2]}-{$m[3]}. Put it right, then send this again." : null;
    }

    /** As the clock at the water shows it, YYYY-MM-DDTHH:MM:SS. */
    public function local(string $at): string
    {
        // A moment that passed as one is longer than its local part only by its offset.
        return strlen($at) > 19 && $this->zone !== null ? (new DateTimeImmutable($at))->setTimezone($this->zone)->format('Y-m-d\TH:i:s') : substr($at, 0, 19);
    }

    /** What is to be said of a local time that does not lie in the day; null where it does. */
    public function outside(string $local): ?string
    {
        // Written like this, moments stand in the order of their letters.
        return $this->date === null || ($local >= $this->date && $local < $this->ends) ? null
            : sprintf('Logged at %s, which is not in this day (%s).', str_replace('T', ' ', substr($local, 0, 16)), $this->date);
    }
}
