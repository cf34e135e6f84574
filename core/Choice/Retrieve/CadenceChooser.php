<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Chooses the cadence of a lure for the day and sets its speed and pause. Basis: rules R1, R3, R15, R16. */
final class CadenceChooser
{
    /** The cadence for this lure on this day. */
    public static function choose(LureFamily $lure, Reading $reading): Cadence
    {
        $tempo = Tempo::of($reading);

        return self::at($tempo, $tempo->keyFor($lure), $lure);
    }

    /**
     * A named cadence set for this lure and day.
     *
     * @param  string  $key  one of the keys of cadences.php
     */
    public static function set(string $key, LureFamily $lure, Reading $reading): Cadence
    {
        return self::at(Tempo::of($reading), $key, $lure);
    }

    private static function at(Tempo $tempo, string $key, LureFamily $lure): Cadence
    {
        $row = Cadences::all()[$key];
        $speed = $tempo->speedFtS($key, $lure);
        $pause = $tempo->pauseS($key);
        $steps = [];
        foreach ($row['steps'] as $step) {
            $steps[] = new Step(Motion::from($step[0]), $step[1] === 'pause' ? (float) $pause : $step[1], $step[2] ?? null, $step[3] ?? 0.0);
        }
        $text = strtr($row['text'], [
            '{pause}' => $pause === null ? '' : self::seconds($pause),
            '{speed}' => sprintf('{%.1f ft/s}', round($speed, 1)),
        ]);
        $school = $tempo->school($lure);

        return new Cadence(
            $key,
            SpeedWord::from($row['speed']),
            $speed,
            $pause,
            $steps,
            Said::of($text),
            $row['rule'],
            $school === null ? null : "clear_speed: {$school}",
        );
    }

    private static function seconds(float $seconds): string
    {
        return $seconds >= 10 ? sprintf('%.0f s', $seconds) : rtrim(rtrim(sprintf('%.1f', $seconds), '0'), '.').' s';
    }
}
