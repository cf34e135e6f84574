<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

use OldEddy\Choice\Lures\Buoyancy;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\Cadence;
use OldEddy\Choice\Retrieve\Motion;
use OldEddy\Choice\Retrieve\Step;

/**
 * The path of a lure: it falls to its depth or dives, runs level, lifts, rests and sinks or rises by its own weight,
 * and comes up over the last fifth of the cast. Basis: rules D2, D3, R15, our own model: straight pieces between the
 * moments at which something changes.
 */
final class PathModel
{
    /** Divers go down over the first third (D2). */
    private const DIVE_SHARE = 1 / 3;

    /** The line pulls everything up over the last fifth (D2). */
    private const RISE_SHARE = 1 / 5;

    /** So many feet a jerked plug is wound down before it is worked: some eight turns (own choice). */
    private const WOUND_DOWN_FT = 15.0;

    private const FLOAT_FT_S = 0.4;

    /** How fast a lure is wound home after its work, feet a second (own choice). */
    private const HOME_FT_S = 4.0;

    /** Pieces after which a cast is given up: a held lure does not come home by itself. */
    private const MOST_PIECES = 400;

    /** A cast is given up after so many seconds, its fall included, but worked for so many at least (R23; own choice). */
    private const GIVEN_UP_S = 144.0;

    private const WORKS_AT_LEAST_S = 30.0;

    /** Seconds a held or target lure is given before it is wound in. */
    private const TARGET_SECONDS = 45.0;

    private float $seconds = 0.0;

    private float $distance;

    private float $depth = 0.0;

    private bool $reached = false;

    /** @var list<float> */
    private array $moments = [];

    /** @var list<float> */
    private array $distances = [];

    /** @var list<float> */
    private array $depths = [];

    /** @var list<string> */
    private array $doings = [];

    /** Depth that the bottom leaves for the lure when it is level all along, else null. */
    private readonly ?float $levelFt;

    private function __construct(
        private readonly LureFamily $lure,
        private readonly Cadence $cadence,
        private readonly Cast $cast,
        private readonly float $workFt,
        private readonly float $sinkFtS,
        private readonly RodTip $rodTip,
    ) {
        $this->distance = $cast->lengthFt;
        $this->levelFt = $cast->bottomNearFt === $cast->bottomFarFt ? max(0.0, $cast->bottomNearFt - $lure->hydraulics->standsOffFt) : null;
    }

    /**
     * The path of one cast.
     *
     * @param  float  $workFt  depth the lure is worked at, feet; the bottom stops it where it is shallower
     * @param  float  $sinkFtS  sink rate, feet a second, over 0
     */
    public static function trace(LureFamily $lure, Cadence $cadence, Cast $cast, float $workFt, float $sinkFtS, RodTip $rodTip = RodTip::Low): LurePath
    {
        return (new self($lure, $cadence, $cast, $workFt, $sinkFtS, $rodTip))->traced();
    }

    private function traced(): LurePath
    {
        $this->mark('splash');
        if (! $this->lure->dives() && ! $this->lure->isSurface()) {
            $this->sinkTo($this->allowed($this->workFt), 'fall');
        }
        $this->reached = ! $this->lure->dives();
        if ($this->lure->dives() && $this->cadence->isJerked()) {
            // First wound down to its depth (R1).
            $to = $this->distance - min(self::WOUND_DOWN_FT, $this->cast->lengthFt * self::DIVE_SHARE);
            $this->move(($this->distance - $to) / self::HOME_FT_S, $to, $this->allowed($this->workFt, $to), Motion::Wind->value);
            $this->reached = true;
        }
        $work = $this->cast->lengthFt * self::RISE_SHARE;
        $startOfWork = $this->seconds;
        $rounds = count($this->cadence->steps);
        $held = $this->cadence->meanSpeedFtS() < 0.15;
        $works = $held ? self::TARGET_SECONDS : $this->cadence->mostSeconds();
        // A long fall to the bottom takes of the same time.
        $until = min($startOfWork + $works, max($startOfWork + self::WORKS_AT_LEAST_S, self::GIVEN_UP_S));
        $before = null;
        for ($i = 0; $this->distance > $work && count($this->moments) < self::MOST_PIECES; $i++) {
            if ($i % $rounds === 0 && $this->reached && $this->levelFt !== null) {
                $now = [count($this->moments) - 1, $this->depth];
                if ($before !== null && abs($before[1] - $now[1]) < 1e-9) {
                    $this->repeatSince($before[0], $work, $until);
                }
                $before = $now;
            }
            $this->take($this->cadence->steps[$i % $rounds]);
            // Nobody gives a cast more time than this (R23): what is left of the way is wound home.
            if ($this->seconds >= $until) {
                break;
            }
        }
        // Home: wound in, rising along the line.
        $this->move($this->distance / max(self::HOME_FT_S, $this->cadence->speedFtS), 0.0, $this->lure->isSurface() ? 0.0 : 0.2, Motion::Wind->value);

        assert($this->moments !== [] && $this->distances !== [] && $this->depths !== [] && $this->doings !== []);

        return new LurePath($this->moments, $this->distances, $this->depths, $this->doings, $this->cast, $this->lure->hydraulics->standsOffFt);
    }

    /**
     * Over a level bottom a round that ended at the depth where it began repeats itself: whole rounds are copied until
     * the next one would pass the end of the work or the time given.
     */
    private function repeatSince(int $from, float $work, float $until): void
    {
        $to = count($this->moments) - 1;
        $seconds = $this->moments[$to] - $this->moments[$from];
        $feet = $this->distances[$from] - $this->distances[$to];
        while ($this->distance - $feet > $work && $this->seconds < $until && count($this->moments) < self::MOST_PIECES) {
            for ($k = $from + 1; $k <= $to; $k++) {
                $this->moments[] = $this->seconds + $this->moments[$k] - $this->moments[$from];
                $this->distances[] = $this->distance - $this->distances[$from] + $this->distances[$k];
                $this->depths[] = $this->depths[$k];
                $this->doings[] = $this->doings[$k];
            }
            $this->seconds += $seconds;
            $this->distance -= $feet;
        }
    }

    private function take(Step $step): void
    {
        match (true) {
            $step->isRest() => $this->rest($step),
            $step->do === Motion::Shake => $this->move($step->seconds, $this->distance, $this->depth, $step->do->value),
            $step->liftFt > 0 => $this->lift($step),
            $step->do === Motion::Drag => $this->drag($step),
            default => $this->wind($step),
        };
    }

    /** Wound or worked forward at the working depth: divers go down first, sinkers are held or climb back to depth. */
    private function wind(Step $step): void
    {
        $to = max(0.0, $this->distance - $step->seconds * $this->cadence->speedFtS);
        if ($this->lure->isSurface()) {
            $this->move($step->seconds, $to, 0.0, $step->do->value);

            return;
        }
        $wanted = $this->workFt;
        if ($this->lure->dives()) {
            $gone = ($this->cast->lengthFt - $to) / ($this->cast->lengthFt * self::DIVE_SHARE);
            $wanted = $this->reached ? $wanted : min(1.0, $gone) * $this->workFt;
            $this->reached = $this->reached || $gone >= 1.0;
        }
        if (! $this->lure->dives()) {
            // Wound faster than it sinks, the line draws it up; slower, it comes back to its depth.
            $climb = $this->rodTip->lift() * $this->cadence->speedFtS - $this->sinkFtS;
            $wanted = $climb > 0 ? $this->depth - $climb * $step->seconds : min($wanted, $this->depth - $climb * $step->seconds);
        }
        $this->move($step->seconds, $to, max(0.0, $this->allowed($wanted, $to)), $step->do->value);
    }

    private function rest(Step $step): void
    {
        if ($this->lure->isSurface()) {
            $this->move($step->seconds, $this->distance, 0.0, $step->do->value);

            return;
        }
        match ($this->lure->hydraulics->buoyancy) {
            Buoyancy::Suspends => $this->move($step->seconds, $this->distance, $this->depth, $step->do->value),
            Buoyancy::Floats => $this->move($step->seconds, $this->distance, max(0.0, $this->depth - self::FLOAT_FT_S * $step->seconds), $step->do->value),
            Buoyancy::Sinks => $this->sinkFor($step),
        };
    }

    /** Sinks for a while; when the floor of its work comes first, it lies there for the rest. */
    private function sinkFor(Step $step): void
    {
        $floor = $this->floor();
        $needed = max(0.0, $floor - $this->depth) / $this->sinkFtS;
        if ($needed < $step->seconds) {
            $this->sinkTo($floor, $step->do->value);
            $this->move($step->seconds - $needed, $this->distance, $floor, $step->do->value);

            return;
        }
        $this->move($step->seconds, $this->distance, $this->depth + $this->sinkFtS * $step->seconds, $step->do->value);
    }

    private function lift(Step $step): void
    {
        $to = max(0.0, $this->distance - $step->seconds * $this->cadence->speedFtS);
        $this->move($step->seconds, $to, max(0.0, $this->allowed($this->depth, $to) - $step->liftFt), $step->do->value);
    }

    private function drag(Step $step): void
    {
        $to = max(0.0, $this->distance - $step->seconds * $this->cadence->speedFtS);
        $this->move($step->seconds, $to, $this->allowed($this->workFt, $to), $step->do->value);
    }

    private function sinkTo(float $depth, string $doing): void
    {
        if ($depth > $this->depth + 1e-6) {
            $this->move(($depth - $this->depth) / $this->sinkFtS, $this->distance, $depth, $doing);
        }
    }

    /** How deep a resting lure may sink: to the bottom for bottom lures, half a foot under its work for the others. */
    private function floor(): float
    {
        return $this->allowed($this->lure->isMoving() ? $this->workFt + 0.8 : $this->workFt);
    }

    private function allowed(float $depth, ?float $distance = null): float
    {
        return $this->levelFt !== null
            ? min($depth, $this->levelFt)
            : max(0.0, min($depth, $this->cast->bottomAt($distance ?? $this->distance) - $this->lure->hydraulics->standsOffFt));
    }

    private function move(float $seconds, float $distance, float $depth, string $doing): void
    {
        if ($seconds <= 0) {
            return;
        }
        $this->seconds += $seconds;
        $this->distance = $distance;
        $this->depth = $depth;
        $this->mark($doing);
    }

    private function mark(string $doing): void
    {
        $this->moments[] = $this->seconds;
        $this->distances[] = $this->distance;
        $this->depths[] = $this->depth;
        $this->doings[] = $doing;
    }
}
