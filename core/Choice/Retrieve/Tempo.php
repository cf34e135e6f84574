<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

use OldEddy\Basics\Curve;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;

/**
 * The speeds and pauses of a day: slower and longer the colder and the more negative. It takes the day's values once and
 * keeps what cadences share, since the lineup asks it of every lure. Basis: rules R1, R3, R16, the curves our own.
 */
final class Tempo
{
    /** °F => seconds from 45 °F up (R1). */
    private const JERKBAIT_PAUSE = [[45.0, 4.0], [49.0, 3.0], [55.0, 1.5], [65.0, 0.8]];

    /** Half a hundredth of a foot, and what a binary fraction may lack of it: speeds are told to hundredths. */
    private const HALF = 0.5 + 1e-9;

    /** Below it the jerkbait's pause is another (R1). */
    private const COLD_UNDER_F = 45;

    /** How far into its span a lure is worked, 0 to 1; the second for moving lures. */
    private readonly float $keen;

    private readonly float $keenWhenClear;

    private readonly ?string $clearSchool;

    private ?float $mood = null;

    /** @var array<string, string> the cadence of a lure, by its key */
    private array $keys = [];

    /** @var array<string, bool> whether a cadence is one for the day, by key */
    private array $fits = [];

    /** @var array<string, ?float> seconds, by cadence */
    private array $pauses = [];

    /** @var array<string, float> the share of a round in which the lure moves on, by cadence */
    private array $shares = [];

    /** @var array<string, array{float, float}> feet a second of the cadence's word, by cadence */
    private array $spans = [];

    private function __construct(private readonly Reading $reading)
    {
        $this->clearSchool = self::clearSpeedSchool($reading);
        $keen = 0.5 + 0.4 * $reading->mood->value + ($reading->day->tempF - 60) / 100;
        $this->keen = max(0.0, min(1.0, $keen));
        $this->keenWhenClear = max(0.0, min(1.0, $keen + match ($this->clearSchool) {
            'fast' => 0.3,
            'subtle' => -0.3,
            default => 0.0,
        }));
    }

    /** The tempo of a reading. */
    public static function of(Reading $reading): self
    {
        return new self($reading);
    }

    /** The mean speed over ground of the cadence that a lure is worked with, feet a second. */
    public function paceFtS(LureFamily $lure): float
    {
        $key = $this->keyFor($lure);

        $share = $this->shares[$key] ??= Cadences::movingShare($key, $this->pauseS($key) ?? 0.0);

        return $this->speedFtS($key, $lure) * $share;
    }

    /** The key of the cadence that a lure is worked with: the first of its own that fits the day, else its last (rule R15). */
    public function keyFor(LureFamily $lure): string
    {
        return $this->keys[$lure->key] ??= $this->firstThatFits($lure->cadences);
    }

    /** The part of the water column to which today's cadence takes a lure, where that is not the lure's own (rule L20); null elsewhere. */
    public function column(LureFamily $lure): ?Column
    {
        $column = Cadences::all()[$this->keyFor($lure)]['column'] ?? null;

        return $column === null ? null : Column::from($column);
    }

    /** Winding speed in feet a second within the word's span and the lure's own: slower the colder or more negative (R16), by school in clear water (R3). */
    public function speedFtS(string $cadence, LureFamily $lure): float
    {
        [$slow, $fast] = $this->spans[$cadence] ??= Cadences::all()[$cadence]['span'];
        $slow = max($slow, min($lure->hydraulics->slowestFtS, $fast));
        $fast = max($slow, min($fast, $lure->hydraulics->fastestFtS));

        return floor(100 * ($slow + ($lure->isMoving() ? $this->keenWhenClear : $this->keen) * ($fast - $slow)) + self::HALF) / 100;
    }

    /** The pause of a cadence today in seconds; null for one without. */
    public function pauseS(string $cadence): ?float
    {
        if (! array_key_exists($cadence, $this->pauses)) {
            $row = Cadences::all()[$cadence];
            $this->pauses[$cadence] = $row['pause'] === null ? null : $this->pauseFor($cadence, $row['pause'], $row['limits']);
        }

        return $this->pauses[$cadence];
    }

    /** Which clear-water school speaks for a lure, or null where the water is not clear or the lure does not move (school clear_speed). */
    public function school(LureFamily $lure): ?string
    {
        return $lure->isMoving() ? $this->clearSchool : null;
    }

    /**
     * The jerkbait's pause in seconds by temperature: 7-8 s below 45 °F, 3-4 s from 45, 1-2 s by 55, shorter yet in
     * warm water. Basis: rule R1 (common practice; from 50 up our own). Never shorter when colder.
     */
    public static function jerkbaitPause(float $tempF): float
    {
        return $tempF < self::COLD_UNDER_F ? Curve::through([[35.0, 8.0], [45.0, 7.0]], $tempF) : Curve::through(self::JERKBAIT_PAUSE, $tempF);
    }

    /** @param  non-empty-list<string>  $cadences */
    private function firstThatFits(array $cadences): string
    {
        foreach ($cadences as $key) {
            if ($this->fits[$key] ??= $this->fitsDay($key)) {
                return $key;
            }
        }

        return $cadences[array_key_last($cadences)];
    }

    private function fitsDay(string $cadence): bool
    {
        $when = Cadences::all()[$cadence]['when'] ?? null;

        return $when === null || $when($this->reading);
    }

    /** @param  array{float, float}  $limits */
    private function pauseFor(string $cadence, float $usual, array $limits): float
    {
        // Season and temperature speak through the temperature alone, so that colder never means shorter (R16).
        $tempF = $this->reading->day->tempF;
        $mood = $this->mood ??= $this->reading->mood->ofTheDay();
        $gloom = max(0.0, -$mood);
        if ($cadence === 'jerk_pause') {
            return round(min($tempF < self::COLD_UNDER_F ? 8.0 : 4.0, self::jerkbaitPause($tempF) + 0.5 * $gloom), 1);
        }
        $slow = 1.0 + 0.8 * max(0.0, (60 - $tempF) / 30) + 0.8 * $gloom - 0.3 * max(0.0, $mood);

        return round(max($limits[0], min($limits[1], $usual * $slow)), 1);
    }

    private static function clearSpeedSchool(Reading $reading): ?string
    {
        return ! $reading->day->clarity->isClear() ? null : ($reading->day->schools->chosen('clear_speed')
            ?? (! $reading->mood->isNegative() && $reading->day->tempF >= 50 ? 'fast' : 'subtle'));
    }
}
