<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Troll\TrolledRun;

/** A towed drill looked back on: how contacts came over the minutes, and what each run cost. Only the hidden water can say so. */
final readonly class TowReckoning
{
    /**
     * @param  list<array{int, float}>  $curve  minute of the day, and contacts by then, each by its weight
     * @param  list<TowCost>  $costs  in the order of the runs
     */
    private function __construct(public array $curve, public array $costs)
    {
    }

    /**
     * Of runs on a hidden day.
     *
     * @param  list<array{TrolledRun, float, int}>  $towed  each run, with its speed (mph) and the minute of the day at which it began
     */
    public static function of(HiddenTow $day, array $towed, int $minutes): self
    {
        [$strikes, $costs] = [[], []];
        foreach ($towed as [$run, $mph, $from]) {
            foreach ($run->strikes as $strike) {
                $strikes[] = [$from + (int) round($strike->minute), $strike->contact->kind->weight()];
            }
            $lure = new TowedLure($run->lure, $run->color, $run->station, $run->depthFt, $mph);
            $lost = 0.0;
            for ($minute = $from + 1; $minute <= $from + (int) round($run->minutes); $minute++) {
                $lost += $day->most() - $day->perMinute($lure, $minute);
            }
            $costs[] = new TowCost($run, $lost, array_values(array_filter($day->missed($lure, $from + $run->minutes / 2))));
        }
        usort($strikes, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$curve, $worth] = [[[0, 0.0]], 0.0];
        foreach ($strikes as [$minute, $weight]) {
            $curve[] = [$minute, $worth += $weight];
        }

        return new self([...$curve, [$minutes, $worth]], $costs);
    }

    /** Contacts of the day, each by its weight. */
    public function worth(): float
    {
        return $this->curve[count($this->curve) - 1][1];
    }

    /** @return list<TowCost> those that cost most, so many at the most; one that missed nothing is none of them */
    public function dearest(int $most): array
    {
        $costs = array_values(array_filter($this->costs, static fn (TowCost $c): bool => $c->missed !== []));
        usort($costs, static fn (TowCost $a, TowCost $b): int => $b->lost <=> $a->lost);

        return array_slice($costs, 0, $most);
    }
}
