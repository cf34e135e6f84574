<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Curve;
use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Chooses the cadence of a lure for the day and sets its speed and pause. Basis: handbook 06, rules R1, R3, R15, R16. */
final class CadenceChooser
{
    /** °F => seconds from 45 °F up (R1). */
    private const JERKBAIT_PAUSE = [[45.0, 4.0], [49.0, 3.0], [55.0, 1.5], [65.0, 0.8]];

    /** The cadence for this lure on this day. */
    public static function choose(LureFamily $lure, Reading $reading): Cadence
    {
        return self::set(self::keyFor($lure, $reading), $lure, $reading);
    }

    /**
     * The mean speed over ground of the cadence that choose() would give, feet a second, without making it: the lineup
     * asks this of every lure on every day it tries.
     */
    public static function paceFtS(LureFamily $lure, Reading $reading): float
    {
        $key = self::keyFor($lure, $reading);
        $row = self::rows()[$key];
        $pause = $row['pause'] === null ? 0.0 : self::pause($key, $row['pause'], $row['limits'], $reading);

        return self::speed($row['span'], $lure, $reading) * self::movingShare($row, $pause);
    }

    /** The mean speed over ground of a named cadence at its usual speed and pause, feet a second; null for an unknown key. */
    public static function usualPaceFtS(string $key): ?float
    {
        $row = self::rows()[$key] ?? null;

        return $row === null ? null : array_sum($row['span']) / 2 * self::movingShare($row, $row['pause'] ?? 0.0);
    }

    /**
     * The share of a round in which the lure moves on.
     *
     * @param  array<string, mixed>  $row
     */
    private static function movingShare(array $row, float $pauseS): float
    {
        [$moving, $seconds, $movingPauses, $pauses] = $row['timing'];

        return ($moving + $movingPauses * $pauseS) / ($seconds + $pauses * $pauseS);
    }

    /**
     * A named cadence set for this lure and day.
     *
     * @param  string  $key  one of the keys of cadences.php
     */
    public static function set(string $key, LureFamily $lure, Reading $reading): Cadence
    {
        $row = self::rows()[$key];
        $word = SpeedWord::from($row['speed']);
        $speed = self::speed($row['span'], $lure, $reading);
        $pause = $row['pause'] === null ? null : self::pause($key, $row['pause'], $row['limits'], $reading);
        $steps = [];
        foreach ($row['steps'] as $step) {
            $steps[] = new Step(Motion::from($step[0]), $step[1] === 'pause' ? (float) $pause : $step[1], $step[2] ?? null, $step[3] ?? 0.0);
        }
        $text = strtr($row['text'], [
            '{pause}' => $pause === null ? '' : self::seconds($pause),
            '{speed}' => sprintf('{%.1f ft/s}', round($speed, 1)),
        ]);
        $fast = self::clearSpeedSchool($lure, $reading);

        return new Cadence($key, $word, $speed, $pause, $steps, Said::of($text), $row['rule'], $fast === null ? null : "clear_speed: {$fast}");
    }

    /**
     * The jerkbait's pause in seconds by temperature: 7-8 s below 45 °F, 3-4 s from 45, 1-2 s by 55, shorter yet in
     * warm water. Basis: rule R1 (common practice; from 50 up our own). Never shorter when colder.
     */
    public static function jerkbaitPause(float $tempF): float
    {
        return $tempF < 45 ? Curve::through([[35.0, 8.0], [45.0, 7.0]], $tempF) : Curve::through(self::JERKBAIT_PAUSE, $tempF);
    }

    private static function keyFor(LureFamily $lure, Reading $reading): string
    {
        foreach ($lure->cadences as $key) {
            $when = self::rows()[$key]['when'] ?? null;
            if ($when === null || $when($reading)) {
                return $key;
            }
        }

        return $lure->cadences[array_key_last($lure->cadences)];
    }

    /**
     * Within the word's span and the lure's own: slower the colder or more negative (R16), by school in clear water (R3).
     *
     * @param  array{float, float}  $span  of the word, feet a second
     */
    private static function speed(array $span, LureFamily $lure, Reading $reading): float
    {
        [$slow, $fast] = $span;
        $slow = max($slow, min($lure->speedFtS[0], $fast));
        $fast = max($slow, min($fast, $lure->speedFtS[1]));
        $keen = 0.5 + 0.4 * $reading->mood->value + ($reading->day->tempF - 60) / 100;
        $keen += match (self::clearSpeedSchool($lure, $reading)) {
            'fast' => 0.3,
            'subtle' => -0.3,
            default => 0.0,
        };

        return round($slow + max(0.0, min(1.0, $keen)) * ($fast - $slow), 2);
    }

    /** @param  array{float, float}  $limits */
    private static function pause(string $key, float $usual, array $limits, Reading $reading): float
    {
        // Season and temperature speak through the temperature alone, so that colder never means shorter (R16).
        $mood = $reading->mood->ofTheDay();
        $gloom = max(0.0, -$mood);
        if ($key === 'jerk_pause') {
            $cap = $reading->day->tempF < 45 ? 8.0 : 4.0;

            return round(min($cap, self::jerkbaitPause($reading->day->tempF) + 0.5 * $gloom), 1);
        }
        $slow = 1.0 + 0.8 * max(0.0, (60 - $reading->day->tempF) / 30) + 0.8 * $gloom - 0.3 * max(0.0, $mood);

        return round(max($limits[0], min($limits[1], $usual * $slow)), 1);
    }

    /** Which clear-water school speaks for a moving lure, or null where the water is not clear (school clear_speed). */
    private static function clearSpeedSchool(LureFamily $lure, Reading $reading): ?string
    {
        if (! $reading->day->clarity->isClear() || ! $lure->isMoving()) {
            return null;
        }

        return $reading->day->schools->chosen('clear_speed')
            ?? (! $reading->mood->isNegative() && $reading->day->tempF >= 50 ? 'fast' : 'subtle');
    }

    private static function seconds(float $seconds): string
    {
        return $seconds >= 10 ? sprintf('%.0f s', $seconds) : rtrim(rtrim(sprintf('%.1f', $seconds), '0'), '.').' s';
    }

    /**
     * The rows of cadences.php, each with its word's span and the timing of its round.
     *
     * @return array<string, array<string, mixed>>
     */
    private static function rows(): array
    {
        static $rows = null;

        return $rows ??= array_map(
            static fn (array $row): array => $row + ['span' => SpeedWord::from($row['speed'])->spanFtS(), 'timing' => self::timing($row['steps'])],
            require __DIR__.'/cadences.php',
        );
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
