<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Offer;

/**
 * A drill looked back on: how contacts came over the casts, and what each choice cost against the best that could have been fished
 * at its hour. Only the hidden water can say so.
 */
final readonly class Reckoning
{
    /**
     * @param  list<array{int, float}>  $curve  casts made and contacts got by then, each by its weight
     * @param  list<Cost>  $costs  by stint, in their order
     */
    private function __construct(public array $curve, public array $costs)
    {
    }

    /**
     * Of a log on a hidden day.
     *
     * @param  list<Stint>  $stints  in order of time
     */
    public static function of(HiddenDay $day, array $stints): self
    {
        $casting = new Casting($day);
        $curve = [[0, 0.0]];
        $costs = [];
        $made = 0;
        $got = 0.0;
        $last = null;
        foreach ($stints as $stint) {
            $choices = $day->choices($casting->minute(), $last);
            $place = $choices->place($stint->levels['spot'] ?? null);
            $shown = $choices->presentation($stint);
            if ($place === null || $shown === null) {
                continue;
            }
            $offer = new Offer($place, $shown);
            $casting->change($offer);
            $costs[] = self::cost($day, $offer, $casting->minute(), $stint);
            $by = [];
            foreach ($stint->contacts as $contact) {
                $by[$contact->atCast ?? $stint->casts] = ($by[$contact->atCast ?? $stint->casts] ?? 0.0) + $contact->kind->weight();
            }
            for ($cast = 1; $cast <= $stint->casts; $cast++) {
                $casting->cast($offer);
                $made++;
                $got += $by[$cast] ?? 0.0;
                if (isset($by[$cast])) {
                    $curve[] = [$made, $got];
                }
            }
            $last = $place->name;
        }
        $curve[] = [$made, $got];

        return new self($curve, $costs);
    }

    /** @return list<Cost> those that cost most, so many at the most; a choice as good as the best is none of them */
    public function dearest(int $most): array
    {
        $costs = array_values(array_filter($this->costs, static fn (Cost $c): bool => $c->lost() > 0));
        usort($costs, static fn (Cost $a, Cost $b): int => $b->lost() <=> $a->lost());

        return array_slice($costs, 0, $most);
    }

    private static function cost(HiddenDay $day, Offer $offer, float $minute, Stint $stint): Cost
    {
        $best = $offer;
        $most = $mine = $day->perCast($offer, $minute);
        $choices = $day->choices($minute);
        foreach ($choices->places as $place) {
            foreach ($choices->presentations as $shown) {
                $rate = $day->perCast(new Offer($place, $shown), $minute);
                if ($rate > $most) {
                    [$best, $most] = [new Offer($place, $shown), $rate];
                }
            }
        }

        return new Cost($stint->at, $stint->casts, $offer, $best, $mine, $most);
    }
}
