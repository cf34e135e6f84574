<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Drill\Habit\Habit;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Offer;

/** One way of fishing a hidden day: its log. Time is counted in casts; going to another place and tying on cost some. */
final readonly class Outing
{
    /** What a change of place and a change of lure cost, in casts not made. Basis: our own choice. */
    private const RUN = 6;

    private const TIE = 1;

    /** @param  list<Stint>  $stints */
    private function __construct(public array $stints)
    {
    }

    /** Fishes the day by a habit for so much time, in casts. */
    public static function fish(HiddenDay $day, Habit $habit, int $time): self
    {
        $stints = [];
        $offer = $habit->next([], null, $day->choices);
        $casts = 0;
        $contacts = [];
        $begun = 0;
        for ($clock = 1; $clock <= $time; $clock++) {
            $casts++;
            $kind = $day->answer($offer, $clock);
            if ($kind !== null) {
                $contacts[] = new Contact($kind, atCast: $casts);
            }
            $log = [...$stints, self::stint($offer, $begun, $casts, $contacts)];
            $next = $habit->next($log, $kind, $day->choices);
            if ($next->levels() !== $offer->levels()) {
                $clock += $next->place->name === $offer->place->name ? 0 : self::RUN;
                $clock += $next->presentation->levels() === $offer->presentation->levels() ? 0 : self::TIE;
                $stints = $log;
                [$offer, $casts, $contacts, $begun] = [$next, 0, [], $clock];
            }
        }
        if ($casts > 0) {
            $stints[] = self::stint($offer, $begun, $casts, $contacts);
        }

        return new self($stints);
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

    /** The share (0 to 1) of the last so many casts that met the whole pattern of the day. */
    public function shareInPattern(HiddenDay $day, int $lastCasts): float
    {
        $met = 0;
        $seen = 0;
        foreach (array_reverse($this->stints) as $stint) {
            $take = min($stint->casts, $lastCasts - $seen);
            $place = $day->choices->place($stint->levels['spot'] ?? null);
            $presentation = $day->choices->presentation($stint);
            $met += $place !== null && $presentation !== null && $day->isMetBy(new Offer($place, $presentation)) ? $take : 0;
            $seen += $take;
        }

        return $seen === 0 ? 0.0 : $met / $seen;
    }

    /** @param  list<Contact>  $contacts */
    private static function stint(Offer $offer, int $begun, int $casts, array $contacts): Stint
    {
        // One cast a minute from six in the morning on.
        $at = sprintf('2026-05-02T%02d:%02d:00', 6 + intdiv($begun, 60), $begun % 60);

        return new Stint($at, $offer->levels(), $offer->place->depthFt, $casts, null, $contacts);
    }
}
