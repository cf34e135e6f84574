<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Pictures\Ribbon\DayRibbon;
use OldEddy\Pictures\Ribbon\Fished;

/** Turns a ribbon's minutes and degrees into the picture's points. It draws; every number in it is the core's. */
final readonly class RibbonDrawing
{
    public const WIDTH = 560;

    public const HEIGHT = 116;

    /** Where the line of the day lies. */
    public const LINE = 58;

    private const MARGIN = 10;

    public function __construct(private DayRibbon $ribbon)
    {
    }

    public function x(int $minute): float
    {
        $share = ($minute - $this->ribbon->from) / max(1, $this->ribbon->to - $this->ribbon->from);

        return round(self::MARGIN + max(0, min(1, $share)) * (self::WIDTH - 2 * self::MARGIN), 1);
    }

    /** @return array<string, float> the height of each bank's line of shade, by its name */
    public function shadeRows(): array
    {
        $names = array_values(array_unique(array_map(static fn (Fished $s): string => $s->label, $this->ribbon->shades)));

        return array_combine($names, array_map(static fn (int $i): float => self::LINE + 25.0 + 5 * $i, array_keys($names)));
    }

    /** The sun's height above the line; below it, nothing is drawn. */
    public function sun(): string
    {
        return implode(
            ' ',
            array_map(fn (array $at): string => $this->x($at[0]).','.round(self::LINE - max(0.0, $at[1]) / 90 * (self::LINE - 6), 1), $this->ribbon->sun),
        );
    }

    /** @return list<int> minutes of the whole hours */
    public function hours(): array
    {
        return range($this->ribbon->from, $this->ribbon->to, 60);
    }
}
