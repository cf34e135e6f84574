<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Ribbon;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;

/** A day from dawn to dusk in numbers: the sun's height, low light, wind, what was fished and when the day turned. Minutes are of the local day. */
final readonly class DayRibbon
{
    /** A cast takes so long where the log does not say, in minutes. Basis: our own choice. */
    private const MINUTES_PER_CAST = 0.75;

    private const STEP = 15;

    /**
     * @param  list<array{int, float}>  $sun  minute, elevation in degrees
     * @param  list<array{int, int}>  $low  from, to: the sun is up but low
     * @param  list<Fished>  $fished
     * @param  list<array{int, string}>  $turns
     * @param  list<Fished>  $planned  above the line: what was meant to be fished
     * @param  list<Fished>  $shades  windows of the best shade, a bank each
     */
    private function __construct(
        public int $from,
        public int $to,
        public ?int $sunrise,
        public ?int $sunset,
        public array $sun,
        public array $low,
        public array $fished,
        public array $turns,
        public ?float $windMph,
        public array $planned = [],
        public array $shades = [],
    ) {
    }

    /**
     * The ribbon of a day.
     *
     * @param  list<Stint>  $stints  in order of time
     * @param  list<Turn>  $turns
     * @param  list<Fished>  $planned
     * @param  list<Fished>  $shades
     */
    public static function of(Settled $day, array $stints = [], array $turns = [], array $planned = [], array $shades = []): self
    {
        $fished = self::fished($stints);
        $rise = $day->sunDay?->sunriseMinute();
        $set = $day->sunDay?->sunsetMinute();
        $from = min($rise ?? 360, ...array_map(static fn (Fished $f): int => $f->from, [...$fished, ...$planned]), ...[1439]);
        $to = max($set ?? 1200, ...array_map(static fn (Fished $f): int => $f->to, [...$fished, ...$planned]), ...[0]);
        // A margin, and whole hours at both ends.
        $from = max(0, intdiv($from - 20, 60) * 60);
        $to = min(1440, (int) ceil(($to + 20) / 60) * 60);
        [$sun, $low] = self::sun($day, $from, $to);

        return new self(
            $from,
            $to,
            $rise,
            $set,
            $sun,
            $low,
            $fished,
            array_map(static fn (Turn $t): array => [self::minute($t->at), $t->kind->words()], $turns),
            $day->windMph,
            $planned,
            $shades,
        );
    }

    /** @return array{list<array{int, float}>, list<array{int, int}>} */
    private static function sun(Settled $day, int $from, int $to): array
    {
        [$sun, $low, $since] = [[], [], null];
        for ($minute = $from; $minute <= $to && $day->sunDay !== null; $minute += self::STEP) {
            $at = $day->sunDay->at(min(1439, $minute));
            $sun[] = [$minute, $at->elevationDeg];
            $isLow = $at->isLow() && $at->elevationDeg > -6;
            if ($isLow && $since === null) {
                $since = $minute;
            } elseif (! $isLow && $since !== null) {
                $low[] = [$since, $minute];
                $since = null;
            }
        }

        return [$sun, $since === null ? $low : [...$low, [$since, $to]]];
    }

    /**
     * @param  list<Stint>  $stints
     * @return list<Fished>
     */
    private static function fished(array $stints): array
    {
        $fished = [];
        foreach ($stints as $i => $stint) {
            $from = self::minute($stint->at);
            $took = (int) ceil($stint->minutes ?? $stint->casts * self::MINUTES_PER_CAST);
            $next = isset($stints[$i + 1]) ? self::minute($stints[$i + 1]->at) : 1440;
            $to = max($from + 1, min($from + max(2, $took), $next > $from ? $next : 1440));
            $fished[] = new Fished($from, $to, trim(
                str_replace('_', ' ', $stint->levels['lure'] ?? '').' at '.($stint->levels['spot'] ?? 'some spot'),
            ), array_map(
                static fn ($contact): int => $from + (int) round(($to - $from) * min(1, ($contact->atCast ?? $stint->casts) / max(1, $stint->casts))),
                $stint->contacts,
            ));
        }

        return $fished;
    }

    private static function minute(string $at): int
    {
        return (int) substr($at, 11, 2) * 60 + (int) substr($at, 14, 2);
    }
}
