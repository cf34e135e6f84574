<?php

declare(strict_types=1);

namespace App\Drawing;

/** A year of days (Y5): a line a month, a stroke a day as tall as its contacts, a ring for a day without. */
final readonly class CalendarDrawing
{
    public const WIDTH = 720;

    public const ROW = 30;

    private const LEFT = 44;

    private const TALLEST = 22.0;

    private const STEP = 21.6;

    /** @param  list<object{id: int, day: string, casts: int, contacts: int, caught: int, name: string}>  $days  of the year, in order */
    public function __construct(public int $year, public array $days)
    {
    }

    public static function height(): int
    {
        return 12 * self::ROW + 22;
    }

    /** @return list<array{string, float}> the months and where their lines lie */
    public function months(): array
    {
        return array_map(static fn (string $m, int $i): array => [$m, self::line($i + 1)], ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'], range(0, 11));
    }

    /** @return array<int, float> where days of the month that are written stand */
    public function written(): array
    {
        return array_combine([1, 5, 10, 15, 20, 25, 30], array_map(self::x(...), [1, 5, 10, 15, 20, 25, 30]));
    }

    /** @return list<array{id: int, x: float, y: float, tall: float, caught: float, title: string}> the strokes; 0 tall for a day without contacts */
    public function strokes(): array
    {
        $most = max([1, ...array_map(static fn (object $d): int => $d->contacts, $this->days)]);
        $seen = [];

        return array_map(static function (object $day) use ($most, &$seen): array {
            $nth = $seen[$day->day] = ($seen[$day->day] ?? -1) + 1;

            return [
                'id' => $day->id, 'x' => round(self::x((int) substr($day->day, 8)) + 5 * $nth, 1), 'y' => self::line((int) substr($day->day, 5, 2)),
                'tall' => $day->contacts === 0 ? 0.0 : round(3 + (self::TALLEST - 3) * sqrt($day->contacts / $most), 1),
                'caught' => $day->contacts === 0 ? 0.0 : round((3 + (self::TALLEST - 3) * sqrt($day->contacts / $most)) * min(1.0, $day->caught / $day->contacts), 1),
                'title' => "{$day->day} {$day->name}: {$day->casts} casts, {$day->contacts} contacts, {$day->caught} caught",
            ];
        }, $this->days);
    }

    private static function line(int $month): float
    {
        return (float) (self::ROW * $month - 2);
    }

    private static function x(int $day): float
    {
        return round(self::LEFT + ($day - 0.5) * self::STEP, 1);
    }
}
