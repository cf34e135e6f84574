<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Stream\CurrentPlace;

/** Turns a place in current into points, north up, two points a foot. It draws; every number in it is the core's. */
final readonly class CurrentDrawing
{
    private const FOOT = 2.0;

    public function __construct(private CurrentPlace $place)
    {
    }

    /** @param  array{float, float}  $feet  east and north */
    public function point(array $feet): string
    {
        return sprintf('%.1f %.1f', self::FOOT * $feet[0], -self::FOOT * $feet[1]);
    }

    /** A line from one place to another with a head at its end. */
    public function arrow(string $from, string $to): string
    {
        [$ax, $ay] = $this->xy($from);
        [$bx, $by] = $this->xy($to);
        $angle = atan2($by - $ay, $bx - $ax);
        $wing = static fn (float $turn): string => sprintf('M%.1f %.1f L%.1f %.1f', $bx, $by, $bx - 9 * cos($angle + $turn), $by - 9 * sin($angle + $turn));

        return sprintf('M%.1f %.1f L%.1f %.1f %s %s', $ax, $ay, $bx, $by, $wing(0.45), $wing(-0.45));
    }

    /** Flow and obstacle are drawn for a current that runs to the east; this turns them as they lie on the water. */
    public function turn(): string
    {
        return sprintf('rotate(%.1f)', $this->place->flowsToDeg - 90);
    }

    /** @return list<string> the lines of the current, around what breaks it */
    public function flow(): array
    {
        return array_map(
            static fn (int $aside): string => sprintf('M-88 %1$d C-30 %1$d -30 %2$.0f 0 %2$.0f S40 %1$d 88 %1$d m-9 -4 l9 4 l-9 4', $aside, $aside * 1.25),
            [-52, -30, 30, 52],
        );
    }

    /** The outline of what breaks the current, across or along it. */
    public function obstacle(): string
    {
        return match ($this->place->kind) {
            Structure::GravelBar => 'M-26 -44 Q10 -30 14 0 Q10 30 -26 44 Q-8 0 -26 -44 Z',
            Structure::CurrentSeam => 'M-80 2 Q-40 -6 0 2 T80 2',
            Structure::Island => 'M-30 0 Q0 -22 34 0 Q0 22 -30 0 Z',
            Structure::Bridge => 'M-22 -7 H22 L28 0 L22 7 H-22 L-28 0 Z',
            Structure::CreekMouth => 'M-12 -70 L-8 -22 M12 -70 L16 -22',
            default => 'M-14 -10 Q0 -18 13 -8 Q18 6 4 13 Q-12 14 -14 -10 Z',
        };
    }

    /** @return array{float, float} */
    private function xy(string $place): array
    {
        $feet = match ($place) {
            'stand' => $this->place->standFt,
            'cast' => $this->place->castFt,
            default => $this->place->fishFt,
        };

        return [self::FOOT * $feet[0], -self::FOOT * $feet[1]];
    }
}
