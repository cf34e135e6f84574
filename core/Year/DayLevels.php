<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Said;

/** The factors that a whole day has one level of, and the spans into which its numbers fall (rule Y3). Basis: own choice. */
final class DayLevels
{
    /** Factors whose levels are words. */
    public const WORDS = ['stage', 'clarity', 'shift', 'front', 'sky'];

    /** Factors whose levels are spans of a number: by how much they go up, where the last begins, and the unit. */
    public const SPANS = ['temperature' => [5.0, 95.0, '°F'], 'wind' => [5.0, 20.0, 'mph']];

    /** The level of a number (0 or more) of a factor, such as "50-55" or "20+". */
    public static function span(string $factor, float $value): string
    {
        [$step, $last] = self::SPANS[$factor];
        $from = min($last, floor($value / $step) * $step);

        return $from >= $last ? sprintf('%.0f+', $last) : sprintf('%.0f-%.0f', $from, $from + $step);
    }

    /** @return ?array{float, float} from where, and up to where (not included), a level goes; null for a word that is none */
    public static function bounds(string $factor, string $level): ?array
    {
        if (! isset(self::SPANS[$factor]) || preg_match('/^(\d{1,3})(?:-(\d{1,3})|\+)$/', $level, $m) !== 1) {
            return null;
        }

        return [(float) $m[1], isset($m[2]) ? (float) $m[2] : INF];
    }

    /** A level of any factor of the year in words, with its unit. */
    public static function said(string $factor, string $level): string|Said
    {
        $span = sprintf('{%s %s}', rtrim($level, '+'), self::SPANS[$factor][2] ?? '');

        return match (true) {
            isset(self::SPANS[$factor]) => Said::of(str_ends_with($level, '+') ? "{$span} and more" : $span),
            $factor === 'hour' => "{$level}:00",
            $factor === 'cast_no' => $level === '1' ? 'the first cast' : "cast {$level}",
            default => str_replace('_', ' ', $level),
        };
    }
}
