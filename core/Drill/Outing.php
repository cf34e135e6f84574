<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Drill\Habit\Habit;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\TimeLeft;

/** One way of fishing a hidden day: its log. Going to another place and tying on cost some. */
final readonly class Outing
{
    private const LAST_QUARTER = 0.75;

    /** @param  list<Stint>  $stints */
    private function __construct(public array $stints, private float $metInLastQuarter)
    {
    }

    /** Fishes the day by a habit for so many minutes. */
    public static function fish(HiddenDay $day, Habit $habit, float $minutes): self
    {
        $casting = new Casting($day);
        $stints = $contacts = [];
        $casts = $met = $late = 0;
        $begun = 0.0;
        $offer = $habit->next(new DrillHour([], null, $day->choices(0), new TimeLeft(0, $minutes)));
        $casting->change($offer);
        while ($casting->minute() < $minutes) {
            $casts++;
            $kind = $casting->cast($offer);
            $minute = $casting->minute();
            if ($minute > self::LAST_QUARTER * $minutes) {
                $late++;
                $met += $day->isMetBy($offer, $minute) ? 1 : 0;
            }
            if ($kind !== null) {
                $contacts[] = new Contact($kind, atCast: $casts);
            }
            $log = [...$stints, self::stint($offer, $begun, $casts, $contacts)];
            $turns = $minute >= $day->sunUpMin ? [new Turn(self::at($day->sunUpMin), TurnKind::Light)] : [];
            $choices = $day->choices($minute, $offer->place->name);
            $next = $habit->next(new DrillHour($log, $kind, $choices, new TimeLeft(min($minute, $minutes), $minutes), $turns));
            if ($next->levels() !== $offer->levels()) {
                $casting->change($next);
                [$stints, $offer, $casts, $contacts, $begun] = [$log, $next, 0, [], $casting->minute()];
            }
        }
        if ($casts > 0) {
            $stints[] = self::stint($offer, $begun, $casts, $contacts);
        }

        return new self($stints, $late === 0 ? 0.0 : $met / $late);
    }

    /** Contacts of the outing, each by its weight. */
    public function weight(): float
    {
        return array_sum(array_map(static fn (Stint $s): float => $s->weight(), $this->stints));
    }

    /** Casts made. */
    public function casts(): int
    {
        return array_sum(array_map(static fn (Stint $s): int => $s->casts, $this->stints));
    }

    /** The share (0 to 1) of the casts of the last quarter that met the whole pattern of their minute. */
    public function shareInPattern(): float
    {
        return $this->metInLastQuarter;
    }

    /** A minute of the outing as the log writes it: it begins at six in the morning. */
    public static function at(float $minute): string
    {
        $seconds = (int) round(60 * $minute);

        return sprintf('2026-05-02T%02d:%02d:%02d', 6 + intdiv($seconds, 3600), intdiv($seconds, 60) % 60, $seconds % 60);
    }

    /** @param  list<Contact>  $contacts */
    private static function stint(Offer $offer, float $begun, int $casts, array $contacts): Stint
    {
        $shown = $offer->presentation;

        return new Stint(
            self::at($begun), $offer->levels(), $shown->depthFt, $casts, null, $contacts, $offer->place->waterDepthFt, $shown->weightOz, $shown->lengthIn,
        );
    }
}
