<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Where\Lake\Position;

/**
 * How far it is between places by boat: over the water where its depths are known, else straight with a detour. A way found
 * once is known in both directions; what is known can be kept for as long as lake and level stay the same.
 */
final class Distances
{
    /** Where the depths are not known, runs are taken straight and a third longer. Own choice. */
    private const DETOUR = 1.33;

    /** @param  array<string, array<string, float>>  $known  feet by the keys of two places, INF where no water leads */
    public function __construct(private readonly ?WaterWays $ways, private array $known = [])
    {
    }

    /**
     * Feet from each place to each.
     *
     * @param  list<Position>  $places
     * @return list<list<float>>
     */
    public function between(array $places): array
    {
        $keys = array_map(self::key(...), $places);
        foreach ($places as $i => $from) {
            $missing = array_filter($places, fn (int $j): bool => ! isset($this->known[$keys[$i]][$keys[$j]]), ARRAY_FILTER_USE_KEY);
            if ($missing === []) {
                continue;
            }
            $feet = $this->ways?->feetTo($from, array_values($missing)) ?? array_map(
                static fn (Position $to): float => self::DETOUR * $from->feetTo($to),
                array_values($missing),
            );
            foreach (array_keys($missing) as $at => $j) {
                $this->known[$keys[$i]][$keys[$j]] = $this->known[$keys[$j]][$keys[$i]] = $feet[$at];
            }
        }

        return array_map(fn (string $i): array => array_map(fn (string $j): float => $this->known[$i][$j], $keys), $keys);
    }

    /** @return array<string, array<string, float>> all that was found, to be kept */
    public function known(): array
    {
        return $this->known;
    }

    /** A place to about a metre. */
    private static function key(Position $place): string
    {
        return sprintf('%.5f %.5f', $place->lat, $place->lon);
    }
}
