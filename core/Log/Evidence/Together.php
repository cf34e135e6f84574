<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** Levels of different factors that came together always, or on most of their casts: which of them it was cannot be told (rule M6). */
final readonly class Together
{
    /** Nearly together: so much of the casts with either were casts with both (own choice). */
    private const NEARLY = 0.8;

    /**
     * @param  list<list<Level>>  $always  groups of levels that were the same stints
     * @param  list<array{Level, Level}>  $nearly  pairs of levels, not the same stints
     * @param  int  $groupings  how many different groupings of the stints the levels make
     * @param  array<string, list<array<int, true>>>  $with  by level: the stints of those it nearly always came with
     */
    private function __construct(public array $always, public array $nearly, public int $groupings, private array $with)
    {
    }

    /**
     * Those of a log.
     *
     * @param  list<Stint>  $stints
     * @param  array<string, array<array-key, array<int, true>>>  $members  stint indexes by level by factor
     */
    public static function of(array $stints, array $members): self
    {
        $groups = $levels = $casts = [];
        foreach (Stint::FACTORS as $factor) {
            // A spot cannot be confirmed, since that takes two; anglers are compared elsewhere; what never varied is not looked at.
            if (in_array($factor, ['spot', 'angler'], true) || count($members[$factor] ?? []) < 2) {
                continue;
            }
            foreach ($members[$factor] as $name => $in) {
                $level = new Level($factor, (string) $name);
                $key = implode(',', array_keys($in));
                $groups[$key][] = $level;
                $levels[(string) $level] = [$level, $key, $in];
                $casts[(string) $level] = array_sum(array_map(static fn (int $i): int => $stints[$i]->casts, array_keys($in)));
            }
        }
        $nearly = $with = [];
        foreach (self::shared($stints, $levels) as $one => $others) {
            foreach ($others as $other => $both) {
                if ($levels[$one][1] !== $levels[$other][1] && $both > self::NEARLY * ($casts[$one] + $casts[$other] - $both)) {
                    $nearly[] = [$levels[$one][0], $levels[$other][0]];
                    $with[$one][] = $levels[$other][2];
                    $with[$other][] = $levels[$one][2];
                }
            }
        }

        return new self(array_values(array_filter($groups, static fn (array $g): bool => count($g) > 1)), $nearly, count($groups), $with);
    }

    /** @return list<list<Level>> all of them: what can not be told apart */
    public function groups(): array
    {
        return [...$this->always, ...$this->nearly];
    }

    /** @return list<array<int, true>> the stints of the levels that one nearly always came with */
    public function nearlyWith(Level $level): array
    {
        return $this->with[(string) $level] ?? [];
    }

    /**
     * Casts that two levels of different factors share, by the one and the other in the order of the factors.
     *
     * @param  list<Stint>  $stints
     * @param  array<string, array{Level, string, array<int, true>}>  $levels
     * @return array<string, array<string, int>>
     */
    private static function shared(array $stints, array $levels): array
    {
        $shared = [];
        foreach ($stints as $stint) {
            $of = [];
            foreach ($stint->levels as $factor => $name) {
                if (isset($levels["{$factor}:{$name}"])) {
                    $of[] = "{$factor}:{$name}";
                }
            }
            foreach ($of as $n => $one) {
                foreach (array_slice($of, $n + 1) as $other) {
                    $shared[$one][$other] = ($shared[$one][$other] ?? 0) + $stint->casts;
                }
            }
        }

        return $shared;
    }
}
