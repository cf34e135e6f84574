<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * The stays at a place that a log is made of, and how far the contacts came in bunches over them. Fish that come together are not so
 * many proofs: a stay counts in full for its first contact, and for each further one less. Basis: own choice, set by simulated days
 * (docs/decisions/0020); it grows with every contact and knows nothing of casts, so that a contact more never says less.
 */
final readonly class Visits
{
    /** What a stay can count for: at least one contact, half of what the stays of the day gave on average on top, and so much at most. */
    private const COUNTS_PER_MEAN = 0.5;

    private const COUNTS_MOST = 2.5;

    /**
     * @param  list<int>  $of  the stay of each stint, from 0
     * @param  bool  $beside  whether all are lines towed beside each other: a school passes them all, so its bunches speak for none of them
     * @param  list<int>  $order  the stints in order of time; of two at the same moment the same one first in whatever order they came
     */
    private function __construct(public array $of, public array $order, public bool $beside)
    {
    }

    /**
     * The stays of a log: at one spot until whoever fished there fished elsewhere. Who comes to a spot where another still fishes shares
     * his stay.
     *
     * @param  list<Stint>  $stints  in any order
     */
    public static function in(array $stints): self
    {
        $order = array_map(static fn (Stint $s): string => "{$s->at} ".json_encode($s->levels)." {$s->casts}", $stints);
        asort($order);
        [$of, $where, $stay, $last] = [[], [], [], -1];
        foreach (array_keys($order) as $i) {
            $spot = self::place($stints[$i]);
            $angler = $stints[$i]->levels['angler'] ?? '';
            if (($where[$angler] ?? null) !== $spot && ! in_array($spot, $where, true)) {
                $stay[$spot] = ++$last;
            }
            $where[$angler] = $spot;
            $of[$i] = $stay[$spot];
        }
        ksort($of);

        $towed = array_filter($stints, static fn (Stint $s): bool => isset($s->levels['side']));

        return new self(array_values($of), array_keys($order), $stints !== [] && count($towed) === count($stints));
    }

    /** Where a stint was fished. A towed line passes many places: half an hour of its way is one. */
    private static function place(Stint $stint): string
    {
        $stretch = isset($stint->levels['side']) ? substr($stint->at, 0, 14).((int) substr($stint->at, 14, 2) < 30 ? '00' : '30') : '';

        return ($stint->levels['spot'] ?? '').$stretch;
    }

    /**
     * The share of its contacts that a log's contacts count for, over 0 to 1; 1 where there are none.
     *
     * @param  array<int, float>  $contacts  weighed, by stay
     * @param  int  $stays  of them all, 1 or more
     */
    public static function counted(array $contacts, int $stays): float
    {
        $all = array_sum($contacts);
        if ($all <= 0) {
            return 1.0;
        }
        $most = min(self::COUNTS_MOST, 1 + self::COUNTS_PER_MEAN * $all / $stays);
        $counted = 0.0;
        foreach ($contacts as $one) {
            $counted += $one <= 1 ? $one : $most * $one / ($most - 1 + $one);
        }

        return $counted / $all;
    }
}
