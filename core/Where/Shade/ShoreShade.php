<?php

declare(strict_types=1);

namespace OldEddy\Where\Shade;

use OldEddy\Basics\Units\Length;
use OldEddy\Day\Sun\SunPosition;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Lake\Shoreline;

/** The shade of a whole shoreline, as far as somebody said how high its banks are. Basis: rule S22, piece by piece. */
final class ShoreShade
{
    /** So far off the line it is looked which side is water, metres. Basis: own choice, the slip of a hand that draws a bank. */
    private const BESIDE_M = 12.0;

    /**
     * @param  list<Bank>  $banks
     * @param  list<list<array{float, float}>>  $rings  the shoreline, longitude and latitude
     * @return list<ShoreStrip> those in the shade
     */
    public static function at(array $banks, array $rings, SunPosition $sun): array
    {
        $strips = [];
        foreach ($sun->elevationDeg <= 0 ? [] : $banks as $bank) {
            for ($i = 1; $i < count($bank->line); $i++) {
                [$from, $to] = array_map(static fn (array $p): Position => new Position($p[1], $p[0]), [$bank->line[$i - 1], $bank->line[$i]]);
                $faces = self::faces($from, $to, $rings);
                $width = $faces === null ? 0.0 : (new BankShade($faces, $bank->heightFt, $bank->setbackFt))->widthFt($sun);
                if ($faces !== null && $width > 0) {
                    $strips[] = new ShoreStrip($from, $to, $faces, $width);
                }
            }
        }

        return $strips;
    }

    /**
     * The direction from a piece of bank out over the water; null where both sides are water, or neither.
     *
     * @param  list<list<array{float, float}>>  $rings
     */
    private static function faces(Position $from, Position $to, array $rings): ?float
    {
        $along = $from->bearingTo($to);
        $middle = new Position(($from->lat + $to->lat) / 2, ($from->lon + $to->lon) / 2);
        $feet = Length::fromMetres(self::BESIDE_M)->feet();
        $sides = array_map(static fn (float $turn): bool => self::isWater($middle->moved($along + $turn, $feet), $rings), [90.0, -90.0]);

        return $sides[0] === $sides[1] ? null : fmod($along + ($sides[0] ? 90 : -90) + 360, 360);
    }

    /** @param  list<list<array{float, float}>>  $rings */
    private static function isWater(Position $at, array $rings): bool
    {
        $inside = array_filter($rings, static fn (array $ring): bool => Shoreline::holds($ring, [$at->lon, $at->lat]));

        return count($inside) % 2 === 1;
    }
}
