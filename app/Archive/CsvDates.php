<?php

declare(strict_types=1);

namespace App\Archive;

use DateTimeImmutable;

/** Dates and times as tables write them; which of day and month comes first is told by the whole column, or by the angler. */
final readonly class CsvDates
{
    public const MONTH_FIRST = 'month';

    public const DAY_FIRST = 'day';

    /** Two figures of a year under this are of this century. */
    private const CENTURY = 70;

    private const NUMBERS = '~^(\d{1,4})([./-])(\d{1,2})\2(\d{1,4})(?:[T ,]+(.+))?$~';

    private const TIMES = '~^(\d{1,2})[:.h](\d{2})(?:[:.]\d{2}(?:\.\d+)?)?\s*([ap])?\.?m?\.?(?:\s*(?:Z|UTC|[+-]\d{2}:?\d{2}))?$~i';

    private function __construct(private string $first)
    {
    }

    /**
     * By what a column holds: a number over 12 is no month, points stand in dates that begin with the day.
     *
     * @param  list<string>  $texts
     * @param  string  $else  month or day, where nothing tells
     */
    public static function of(array $texts, string $else): self
    {
        [$first, $second, $points] = [0, 0, 0];
        foreach ($texts as $text) {
            if (preg_match(self::NUMBERS, $text, $m) === 1 && strlen($m[1]) < 3) {
                [$first, $second, $points] = [max($first, (int) $m[1]), max($second, (int) $m[3]), $points + ($m[2] === '.' ? 1 : 0)];
            }
        }

        return new self(match (true) {
            $first > 12 && $second <= 12 => self::DAY_FIRST,
            $second > 12 && $first <= 12 => self::MONTH_FIRST,
            $points > 0 => self::DAY_FIRST,
            default => $else,
        });
    }

    /**
     * Whether nothing in the column tells which comes first.
     *
     * @param  list<string>  $texts
     */
    public static function isOpen(array $texts): bool
    {
        return array_filter($texts, static fn (string $t): bool => preg_match(self::NUMBERS, $t, $m) === 1 && strlen($m[1]) < 3) !== []
            && self::of($texts, self::DAY_FIRST)->first !== self::of($texts, self::MONTH_FIRST)->first;
    }

    /** The date of a text, YYYY-MM-DD; null where it is none of the calendar. */
    public function date(string $text): ?string
    {
        if (preg_match(self::NUMBERS, $text, $m) !== 1) {
            return self::written($text);
        }
        [$a, $b, $c] = [(int) $m[1], (int) $m[3], (int) $m[4]];
        [$year, $month, $day] = strlen($m[1]) === 4 ? [$a, $b, $c] : ($this->first === self::DAY_FIRST ? [$c, $b, $a] : [$c, $a, $b]);
        $year += strlen($m[1]) === 4 || $year >= 100 ? 0 : ($year < self::CENTURY ? 2000 : 1900);

        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }

    /** The time that stands in the text of a date or of its own, HH:MM; null where there is none, or none of the clock. */
    public static function time(string $text): ?string
    {
        $text = preg_match(self::NUMBERS, $text, $m) === 1 ? $m[5] ?? '' : $text;
        if (preg_match(self::TIMES, trim($text), $t) !== 1) {
            return null;
        }
        $hour = (int) $t[1];
        $half = strtolower($t[3] ?? '');
        if ($half !== '' && ($hour < 1 || $hour > 12)) {
            return null;
        }
        $hour = $half === '' ? $hour : $hour % 12 + ($half === 'p' ? 12 : 0);

        return $hour < 24 && (int) $t[2] < 60 ? sprintf('%02d:%02d', $hour, $t[2]) : null;
    }

    /** A date with the name of its month. */
    private static function written(string $text): ?string
    {
        $text = trim((string) preg_replace(['/,/', '/\b(\d+)(st|nd|rd|th)\b/i', '/\s+/'], [' ', '$1', ' '], $text));
        foreach (['j M Y', 'j F Y', 'M j Y', 'F j Y', 'j-M-Y', 'j-M-y'] as $form) {
            $read = DateTimeImmutable::createFromFormat("!{$form}", $text);
            if ($read !== false && DateTimeImmutable::getLastErrors() === false) {
                return $read->format('Y-m-d');
            }
        }

        return null;
    }
}
