<?php

declare(strict_types=1);

namespace OldEddy\Year;

/** The casts of a target by their number, one by one at first and then in spans (rule M14). Basis: own choice. */
final class CastNumber
{
    /** The last cast of each span; beyond is one span more. */
    private const TO = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 15, 20, 30];

    private const BEYOND = '31+';

    /** The span of a cast (from 1), such as "3" or "11-15". */
    public static function level(int $cast): string
    {
        $from = 1;
        foreach (self::TO as $to) {
            if ($cast <= $to) {
                return self::name($from, $to);
            }
            $from = $to + 1;
        }

        return self::BEYOND;
    }

    /** @return array<string, int> how many of so many casts (0 or more) fall into each span that they reach */
    public static function spread(int $casts): array
    {
        $spread = [];
        $from = 1;
        foreach ([...self::TO, PHP_INT_MAX] as $to) {
            if ($casts < $from) {
                break;
            }
            $spread[$to === PHP_INT_MAX ? self::BEYOND : self::name($from, $to)] = min($casts, $to) - $from + 1;
            $from = $to + 1;
        }

        return $spread;
    }

    /** @return array<string, int> every span and its last cast, in order */
    public static function all(): array
    {
        $all = [];
        $from = 1;
        foreach (self::TO as $to) {
            $all[self::name($from, $to)] = $to;
            $from = $to + 1;
        }

        return $all + [self::BEYOND => PHP_INT_MAX];
    }

    private static function name(int $from, int $to): string
    {
        return $from === $to ? "{$from}" : "{$from}-{$to}";
    }
}
