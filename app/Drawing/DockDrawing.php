<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Where\Docks\Aim;
use OldEddy\Where\Docks\DockBoat;
use OldEddy\Where\Docks\DockMark;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockShade;
use OldEddy\Where\Docks\DockSide;

/** Turns a dock into points: the bank at the left, open water at the right, three points a foot. It draws; every number in it is the core's. */
final readonly class DockDrawing
{
    public const WIDTH = 620;

    public const HEIGHT = 240;

    private const FOOT = 3.0;

    private const AXIS = 120.0;

    private const BANK = 34.0;

    private float $long;

    public function __construct(private DockPlan $dock, private ?DockShade $shade)
    {
        // A very short walkway leaves room for its marks, a very long one keeps the slip on the drawing.
        $this->long = max(100.0, min(170.0, self::FOOT * $dock->walkwayFt));
    }

    /** The outline of walkway and slip. */
    public function deck(): string
    {
        $end = self::BANK + $this->long;

        return sprintf(
            'M%1$.0f %2$.0f H%3$.0f V%4$.0f h160 v14 h-142 v56 h142 v14 h-160 V%5$.0f H%1$.0f Z',
            self::BANK,
            self::AXIS - 7,
            $end,
            self::AXIS - 42,
            self::AXIS + 7,
        );
    }

    /** How far the shade of the deck is thrown aside, as a transform; null without shade. */
    public function shade(): ?string
    {
        if ($this->shade === null) {
            return null;
        }
        $points = self::FOOT * $this->shade->widthFt;

        return sprintf('translate(%.1f %.1f)', $points * cos(deg2rad($this->shade->awryDeg)), $points * sin(deg2rad($this->shade->awryDeg)));
    }

    /** @return array{float, float} where the sun's arrow ends; it comes from where the sun stands */
    public function sun(): array
    {
        $awry = deg2rad($this->shade->awryDeg ?? 0.0);

        return [40 * cos($awry), 40 * sin($awry)];
    }

    /** @return array{float, float} the place of a mark */
    public function mark(DockMark $mark): array
    {
        $end = self::BANK + $this->long;
        // Marks of which both sides can be cast at lie on their better side.
        $right = $mark->side === DockSide::Left ? -1 : 1;

        return match ($mark->part) {
            Aim::Walkway => [self::BANK + $this->long * 0.4, self::AXIS + $right * 18],
            Aim::InsideCorner => [$end - 14, self::AXIS + $right * 20],
            Aim::InsideEnd => [$end - 14, self::AXIS + $right * 46],
            Aim::Slip => [$end + 90, self::AXIS],
            Aim::Floats => [$end + 70, self::AXIS + $right * 56],
            Aim::OutsidePosts => [$end + 172, self::AXIS + $right * 50],
            Aim::Ladder => [$end + 172, self::AXIS - $right * 26],
            Aim::Lift => [$end + 122, self::AXIS + 14],
            Aim::PlantedBrush => [$end + 205, self::AXIS + 34],
            Aim::Brush => [$end + 205, self::AXIS - 34],
            Aim::Cable => [$end + 205, self::AXIS],
            Aim::Tangle => [$end + 34, self::AXIS],
            Aim::Around => [$end + 250, self::AXIS - 60],
            default => [self::BANK + 12, self::AXIS - 52],
        };
    }

    /** @return array{float, float} the place of the boat */
    public function boat(DockBoat $boat): array
    {
        $off = self::FOOT * $boat->feetOff * 0.5;

        return [min(self::WIDTH - 20.0, self::BANK + $this->long + 170 + $off), self::AXIS + ($boat->side === DockSide::Left ? -1 : 1) * min(95.0, 40 + $off)];
    }

    /** @return array{float, float} */
    public function inside(): array
    {
        return [self::BANK + $this->long, self::HEIGHT - 8];
    }

    /** @return array{float, float} */
    public function outside(): array
    {
        return [self::BANK + $this->long + 130, self::HEIGHT - 8];
    }
}
