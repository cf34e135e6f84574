<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Day\Conditions\Settled;

/** The spots of a lake over a whole day: the fit of each at every full hour (0 to 23), and its best hours. */
final readonly class DayByHour
{
    /** An hour within so much of the best counts as good. Basis: our own choice. */
    private const GOOD = 0.97;

    /** @param  array<string, non-empty-list<float>>  $fits  24 of them by name of the spot */
    private function __construct(public array $fits)
    {
    }

    /**
     * @param  list<Place>  $places  with names of their own
     * @param  array<string, OwnRecord>  $records  by name of the spot
     * @param  ?float  $deepestFt  of the water today; null where unknown
     * @param  array<string, Settled>  $sections  the day in sections with water of their own, by name
     */
    public static function of(array $places, Settled $day, array $records = [], ?float $deepestFt = null, array $sections = []): self
    {
        $fits = [];
        for ($hour = 0; $hour < 24; $hour++) {
            foreach (PlaceRanking::at($places, Hour::of($day, $hour * 60, $deepestFt, sections: $sections), $records) as $ranked) {
                $fits[$ranked->place->name][$hour] = $ranked->fit;
            }
        }

        return new self($fits);
    }

    /** @return array<string, float> the mean fit of each spot over some hours (0 to 23, first and last), by name, best first (rule M18) */
    public function over(int $fromHour, int $toHour): array
    {
        $mean = array_map(static fn (array $fits): float => array_sum($of = array_slice($fits, $fromHour, $toHour - $fromHour + 1)) / count($of), $this->fits);
        arsort($mean);

        return $mean;
    }

    /**
     * The best stretch of hours of a spot between two, first and last; null where all hours are about the same.
     *
     * @return ?array{int, int}
     */
    public function best(string $name, int $fromHour, int $toHour): ?array
    {
        $fits = array_slice($this->fits[$name], $fromHour, $toHour - $fromHour + 1, true);
        $most = max($fits);
        if (min($fits) >= self::GOOD * $most) {
            return null;
        }
        $first = $last = (int) array_search($most, $fits, true);
        while (($fits[$last + 1] ?? 0.0) >= self::GOOD * $most) {
            $last++;
        }
        while (($fits[$first - 1] ?? 0.0) >= self::GOOD * $most) {
            $first--;
        }

        return [$first, $last];
    }
}
