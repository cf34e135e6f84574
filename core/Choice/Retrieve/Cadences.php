<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

/** The rows of cadences.php, each with its word's span and the timing of its round. */
final class Cadences
{
    /** @var array<string, array<string, mixed>>|null */
    private static ?array $rows = null;

    /** @return array<string, array<string, mixed>> by key */
    public static function all(): array
    {
        return self::$rows ??= array_map(
            static fn (array $row): array => $row + ['span' => SpeedWord::from($row['speed'])->spanFtS(), 'timing' => self::timing($row['steps'])],
            require __DIR__.'/cadences.php',
        );
    }

    /** The mean speed over ground of a named cadence at its usual speed and pause, feet a second; null for an unknown key. */
    public static function usualPaceFtS(string $key): ?float
    {
        $row = self::all()[$key] ?? null;

        return $row === null ? null : array_sum($row['span']) / 2 * self::movingShare($key, $row['pause'] ?? 0.0);
    }

    /** The share of a cadence's round in which the lure moves on, at a pause in seconds. */
    public static function movingShare(string $key, float $pauseS): float
    {
        [$moving, $seconds, $movingPauses, $pauses] = self::all()[$key]['timing'];

        return ($moving + $movingPauses * $pauseS) / ($seconds + $pauses * $pauseS);
    }

    /**
     * What a round takes without its pauses, and how many pauses it has: those that move the lure on, and all.
     *
     * @param  list<array{string, float|string}>  $steps  as in cadences.php
     * @return array{float, float, int, int} seconds moving, seconds, moving pauses, pauses
     */
    private static function timing(array $steps): array
    {
        $timing = [0.0, 0.0, 0, 0];
        foreach ($steps as [$move, $span]) {
            $moves = Step::leavesInPlace($move) ? 0 : 1;
            if ($span === 'pause') {
                $timing[2] += $moves;
                $timing[3]++;
            } else {
                $timing[0] += $moves * (float) $span;
                $timing[1] += (float) $span;
            }
        }

        return $timing;
    }
}
