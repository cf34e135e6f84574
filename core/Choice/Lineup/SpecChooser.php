<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Curve;
use OldEddy\Basics\Ramp;
use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Lures\Rigging;
use OldEddy\Choice\Tackle\Box;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Sight;
use OldEddy\Reading\Reading;

/** Chooses weight, length, trailer and blades. Basis: rules D4, D5, L10, L12, C7; the cut points between are our own. */
final class SpecChooser
{
    /** New arrivals are wary in so little water (F10), feet. */
    private const NEWLY_IN_TO_FT = 4;

    /** Plants are swum over in so little water, feet. */
    private const OVER_PLANTS_TO_FT = 4;

    /** Over so many feet of water at most, so many ounces (own choice). */
    private const SWEPT_OZ = [[3.0, 0.3], [6.0, 0.51], [10.0, 0.76], [14.0, 1.01]];

    /** A hard wind asks for so much more, ounces; mph between which that comes (own choice). */
    private const IN_WIND_OZ = 0.125;

    private const WIND_MPH = [10.0, 18.0];

    /** A towed lure is so much longer where prey or fish are big (T5). */
    private const TOWED_BIG = 1.3;

    /** Trailers are still under the first, and kick from the second, °F. */
    private const STILL_UNDER_F = 55;

    private const KICKS_FROM_F = 75;

    /** Under it blades turn rounder and slower (C7), °F. */
    private const COLD_BLADES_F = 55;

    /** The rigging of a lure worked at a depth in feet on this day. */
    public static function choose(LureFamily $lure, Reading $reading, float $depthFt): Spec
    {
        return new Spec(
            self::weight($lure, $reading, $depthFt),
            self::length($lure, $reading),
            Said::of($lure->rigging->hook),
            self::trailer($lure, $reading),
            self::blades($lure, $reading),
            $lure->appeal->rattles && ! self::wantsSilence($reading),
        );
    }

    /** School loudness: silent for new arrivals in shallow water or under pressure, unless sight fails (rule F10). */
    public static function wantsSilence(Reading $reading): bool
    {
        $chosen = $reading->day->schools->chosen('loudness');
        if ($chosen !== null) {
            return $chosen === 'silent';
        }
        $newlyIn = in_array($reading->stage->stage, [Stage::Prespawn, Stage::Spawn], true) && $reading->stand->shallowFt <= self::NEWLY_IN_TO_FT;

        return $reading->day->visibilityFt >= Sight::FAILS_UNDER_FT && ($newlyIn || $reading->day->pressure === Pressure::Heavy);
    }

    /** School loudness: a rattle where sight fails (rule W4). */
    public static function wantsRattle(Reading $reading): bool
    {
        $chosen = $reading->day->schools->chosen('loudness');

        return $chosen === 'rattle' || ($chosen === null && $reading->day->visibilityFt < Sight::FAILS_UNDER_FT);
    }

    /** The family weight nearest to what the depth asks for. */
    public static function weight(LureFamily $lure, Reading $reading, float $depthFt): float
    {
        if ($lure->rigging->isUnweighted()) {
            return 0.0;
        }

        $weights = Box::of($lure->key, $reading->day)->weightsOz($lure->rigging->weightsOz);
        $most = self::mostOz($lure, $reading);

        return $lure->rigging->fixedOzFor($reading->day->species) ?? self::nearest(
            array_values(array_filter($weights, static fn (float $oz): bool => $oz <= $most)) ?: [min($weights)], self::wantedOz($lure, $reading, $depthFt),
        );
    }

    /** D4: the depth asks for the weight; current, wind and reeds for more, a front for less. */
    private static function wantedOz(LureFamily $lure, Reading $reading, float $depthFt): float
    {
        if ($reading->day->species->leastInches(false) > 0.0 && ! $lure->dives() && ! $lure->isSurface()) {
            // What is made for muskellunge is heavy (L40); the water bounds it all the same.
            return min(self::mostOz($lure, $reading), max($lure->rigging->weightsOz));
        }
        $ounces = match (true) {
            // A swimbait over a flat stays light a foot deeper than what is dropped (D11).
            $depthFt <= ($lure->isMoving() && $lure->rigging->exposure === Exposure::Exposed ? 4 : 3) => 0.125,
            $depthFt <= 8 => 0.25,
            $depthFt <= 12 => 0.375,
            $depthFt <= 20 => 0.5,
            default => 0.75,
        };
        if ($lure->rigging->exposure === Exposure::Guarded) {
            // Skirts and guards slow the fall: the all-round jig is 3/8 oz, spinnerbaits deep are 3/4.
            $ounces = match (true) {
                $depthFt <= 10 => 0.375,
                $depthFt <= 15 => 0.5,
                default => $lure->isMoving() ? 0.75 : 0.5,
            };
        }
        $spot = $reading->day->spot;
        if ($spot->has(Cover::Reeds, Cover::GrassSubmerged) && $lure->rigging->exposure !== Exposure::Exposed) {
            $ounces = max($ounces, 0.5);
        }
        $ounces += match ($reading->day->current) {
            Current::None, Current::Slight => 0.0,
            Current::Moderate => 0.125,
            Current::Strong => 0.5,
        };
        if ($reading->day->front->isPost() && ! $lure->isMoving()) {
            $ounces *= 0.75;
        }
        if ($depthFt > 0.0) {
            $ounces += self::IN_WIND_OZ * Ramp::up($reading->day->windMph, ...self::WIND_MPH);
        }
        $most = $lure->rigging->mostOverPlantsOz;

        return min(self::mostOz($lure, $reading), $most !== null && $spot->hasPlants() && $depthFt <= self::OVER_PLANTS_TO_FT ? min($ounces, $most) : $ounces);
    }

    /** L41: what is swept or wound over shallow water may weigh so much, ounces; what is pegged or flipped is not bound. */
    private static function mostOz(LureFamily $lure, Reading $reading): float
    {
        $deep = $reading->day->spot->deepFt;

        return $deep === null || ! ($lure->isMoving() || $lure->rigging->exposure === Exposure::Exposed) ? INF : Curve::through(self::SWEPT_OZ, $deep);
    }

    /** L10, T5, L40: the family's starting length among those for the species, smaller for fronts, pressure and clear calm. */
    private static function length(LureFamily $lure, Reading $reading): float
    {
        $lengths = $lure->rigging->lengthsFor($reading->day->species) ?: $lure->rigging->lengthsIn;
        $index = $lure->trolled ? self::towedLength($reading, $lengths)
            : $lure->rigging->startingLength($reading->day->species, $reading->mood->isActive(), $lengths);
        if (self::asksForSmaller($reading)) {
            $index--;
        }
        $wanted = $lengths[max(0, min(count($lengths) - 1, $index))];

        return self::nearest(Box::of($lure->key, $reading->day)->lengthsIn([$wanted]), $wanted);
    }

    /**
     * T5: small for insects and small fish, longer where prey or fish are big; the index of its length. What counts as which is our own.
     *
     * @param  non-empty-list<float>  $lengths
     */
    private static function towedLength(Reading $reading, array $lengths): int
    {
        $day = $reading->day;
        $middle = intdiv(count($lengths) - 1, 2);
        $big = $day->species->group() === 'toothy' || $day->eats(Forage::Perch, Forage::Bluegill, Forage::Goby);

        return match (true) {
            $big => Rigging::nearest(self::TOWED_BIG * $lengths[$middle], $lengths),
            $day->eats(Forage::Insects, Forage::Minnow) => 0,
            default => $middle,
        };
    }

    /** L10, W14: fronts, pressure, clear calm. */
    public static function asksForSmaller(Reading $reading): bool
    {
        return $reading->day->front->isPost() || $reading->day->pressure === Pressure::Heavy
            || ($reading->day->clarity->isClear() && $reading->day->isCalm());
    }

    /**
     * L12, L38: a trailer kicks where the water is warm or blind, else is still in cold or clear water, by the rows of trailers.php; none is
     * called after a crawfish where they eat none (C16).
     */
    private static function trailer(LureFamily $lure, Reading $reading): ?string
    {
        static $rows = null;
        $rows ??= require __DIR__.'/trailers.php';
        [$day, $row] = [$reading->day, $lure->rigging->trailers === null ? null : $rows[$lure->rigging->trailers]];
        $trailer = $row === null ? $lure->rigging->trailer : $row[match (true) {
            $day->visibilityFt < Sight::FAILS_UNDER_FT && $day->tempF >= self::STILL_UNDER_F => 2,
            $day->tempF < self::STILL_UNDER_F || $day->clarity->isClear() => 0,
            default => $day->tempF < self::KICKS_FROM_F ? 1 : 2,
        }];

        return $trailer !== null && $day->eatsNoCrawfish() ? strtr($trailer, ['craw or grub' => 'grub', 'craw' => 'grub']) : $trailer;
    }

    /** C7, by the rows of blades.php. */
    private static function blades(LureFamily $lure, Reading $reading): ?string
    {
        static $rows = null;
        $rows ??= require __DIR__.'/blades.php';
        if ($lure->rigging->blades === null) {
            return null;
        }
        $row = $rows[$lure->rigging->blades];
        $clarity = $reading->day->clarity->value;
        $blades = ($reading->day->sky->isCovered() ? $row["{$clarity}_covered"] ?? null : null) ?? $row[$clarity];

        return is_array($blades) ? $blades[$reading->day->tempF < self::COLD_BLADES_F ? 0 : 1] : $blades;
    }

    /** @param  non-empty-list<float>  $values */
    private static function nearest(array $values, float $wanted): float
    {
        $best = $values[0];
        foreach ($values as $value) {
            if (abs($value - $wanted) < abs($best - $wanted) - 1e-9) {
                $best = $value;
            }
        }

        return $best;
    }
}
