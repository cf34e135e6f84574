<?php

declare(strict_types=1);

namespace OldEddy\Plan;

/**
 * Who does what while a fish is on (G4): whoever hooked it plays, the next in the order of joining nets, the one after clears. Basis: rule
 * G4; the order is our own.
 */
final class HandsAboard
{
    /**
     * The jobs by name.
     *
     * @param  list<string>  $crew  everybody aboard, in the order of joining
     * @return array<string, list<string>> by whose fish it is; empty with fewer than two aboard
     */
    public static function jobs(array $crew): array
    {
        if (count($crew) < 2) {
            return [];
        }
        $jobs = [];
        foreach ($crew as $hooked) {
            $others = array_values(array_filter($crew, static fn (string $name): bool => $name !== $hooked));
            $jobs[$hooked] = ["{$hooked} plays it.", ...(count($others) === 1
                ? ["{$others[0]} reels in, then nets; pliers in the pocket."]
                : ["{$others[0]} nets.", "{$others[1]} reels in all other lines and holds pliers and scale."])];
        }

        return $jobs;
    }
}
