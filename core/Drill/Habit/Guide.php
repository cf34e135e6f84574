<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Drill\DrillHour;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Presentation;

/**
 * A guide: leaves after ten blank casts, repeats the presentation that paid, and runs the likes of the place that paid, those not
 * fished for the longest first. Before the first contact each place is shown the next rod. Basis: common practice (M6, M8, S6).
 */
final class Guide implements Habit
{
    private const BLANKS = 10;

    private ?Offer $offer = null;

    private int $rod = 0;

    /** On while it pays; else what paid at the next like, or the next rod at the next place. */
    public function next(DrillHour $now): Offer
    {
        if ($this->offer === null || $now->blankHere() >= self::BLANKS) {
            $paid = $this->paid($now->log);
            $shown = $paid === null ? $this->nextRod($now) : $now->choices->presentation($paid) ?? $this->nextRod($now);
            $this->offer = new Offer($this->nextPlace($now, $paid), $shown);
        }

        return $now->again($this->offer);
    }

    /** @param  list<Stint>  $log */
    private function paid(array $log): ?Stint
    {
        foreach (array_reverse($log) as $stint) {
            if ($stint->contacts !== []) {
                return $stint;
            }
        }

        return null;
    }

    private function nextRod(DrillHour $now): Presentation
    {
        $rods = array_values(array_unique(array_map(static fn (Presentation $p): string => (string) $p->rod, $now->choices->presentations)));
        $rod = $rods[$this->rod++ % count($rods)];

        return array_values(array_filter($now->choices->presentations, static fn (Presentation $p): bool => $p->rod === $rod))[0];
    }

    private function nextPlace(DrillHour $now, ?Stint $paid): Fishable
    {
        $last = [];
        foreach ($now->log as $i => $stint) {
            $last[$stint->levels['spot'] ?? ''] = $i;
        }
        $places = array_values(array_filter($now->choices->places, static fn (Fishable $p): bool => $p->name !== ($now->last()->levels['spot'] ?? null)));
        $alike = static fn (Fishable $p): int => count(array_intersect_assoc(array_diff_key($p->levels(), ['spot' => 1]), $paid->levels ?? []));
        usort($places, static fn (Fishable $a, Fishable $b): int => [$alike($b), $last[$a->name] ?? -1] <=> [$alike($a), $last[$b->name] ?? -1]);
        // Its likes in turn: the one fished the longest time ago among those as much alike as any.
        $likes = $paid === null ? $places : array_slice($places, 0, 5);
        usort($likes, static fn (Fishable $a, Fishable $b): int => [$last[$a->name] ?? -1, $alike($b)] <=> [$last[$b->name] ?? -1, $alike($a)]);

        return $likes[0];
    }
}
