<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Show\Units;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Reading\Reading;

/** The water as it is drawn by hand: its picture in both shapes, where the hand takes hold of each, and the seasons beside it. */
final class WaterByHand
{
    /** @return array{reading: Reading, scene: Scene, handles: array<string, mixed>, tallHandles: array<string, mixed>, seasons: list<array<string, mixed>>} */
    public static function of(Reading $reading, Units $units): array
    {
        $scene = Scene::ofReading($reading);

        return [
            'reading' => $reading, 'scene' => $scene, 'handles' => Handles::of(new SliceDrawing($scene), $reading->day, $units),
            'tallHandles' => Handles::of(new SliceDrawing($scene, tall: true), $reading->day, $units), 'seasons' => SeasonScale::of($reading->day),
        ];
    }

    /**
     * What a page that shows the water already is answered.
     *
     * @param  array<string, mixed>  $drawn
     * @param  string  ...$views  by the name of the part of the page
     * @return array<string, mixed>
     */
    public static function answer(array $drawn, string ...$views): array
    {
        return [
            ...array_map(static fn (string $view): string => view($view, $drawn)->render(), $views),
            'handles' => $drawn['handles'], 'tall' => $drawn['tallHandles'],
        ];
    }
}
