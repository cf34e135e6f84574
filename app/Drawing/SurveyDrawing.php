<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Where\Lake\DepthGrid;

/** The small picture of what a file holds: its places from above, north up, in points; deeper ones darker. It draws; it knows nothing of files. */
final readonly class SurveyDrawing
{
    private const WIDTH = 360.0;

    private const MOST_HEIGHT = 300.0;

    private const PAD = 8.0;

    /** @param  list<array{x: float, y: float, what: string, shade: float}>  $marks */
    private function __construct(public array $marks, public float $width, public float $height, public float $acrossM, public float $downM)
    {
    }

    /** @param  array<string, mixed>  $found  as a layer keeps it */
    public static function of(array $found): ?self
    {
        if (($found['box'] ?? null) === null || ($found['drawn'] ?? []) === []) {
            return null;
        }
        [$west, $south, $east, $north] = $found['box'];
        $perLon = DepthGrid::METRES_PER_DEGREE * cos(deg2rad(($south + $north) / 2));
        [$across, $down] = [($east - $west) * $perLon, ($north - $south) * DepthGrid::METRES_PER_DEGREE];
        $scale = min((self::WIDTH - 2 * self::PAD) / max(1.0, $across), (self::MOST_HEIGHT - 2 * self::PAD) / max(1.0, $down));
        $deepest = max(1e-6, $found['depths'][1] ?? 1.0);
        $marks = array_map(static fn (array $d): array => [
            'x' => round(self::PAD + ($d[0] - $west) * $perLon * $scale, 1),
            'y' => round(self::PAD + ($north - $d[1]) * DepthGrid::METRES_PER_DEGREE * $scale, 1),
            'what' => $d[2], 'shade' => round(0.25 + 0.75 * min(1.0, $d[3] / $deepest), 2),
        ], $found['drawn']);

        return new self($marks, round($across * $scale + 2 * self::PAD, 1), round($down * $scale + 2 * self::PAD, 1), $across, $down);
    }
}
