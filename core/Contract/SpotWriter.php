<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Spot;

/** A spot in the keys of the contract of the plan, as ConditionsReader reads it; what is unknown is left out. */
final class SpotWriter
{
    /** @return array<string, mixed> */
    public static function write(Spot $spot): array
    {
        return array_filter([
            'structure' => $spot->structure?->value,
            'cover' => $spot->covers === [] ? null : array_map(static fn (Cover $c): string => $c->value, $spot->covers),
            'bottom' => $spot->bottom?->value,
            'depth_ft' => $spot->shallowFt === null || $spot->deepFt === null ? null : [$spot->shallowFt, $spot->deepFt],
            'depth_nearby_ft' => $spot->depthNearbyFt,
            'shaded' => $spot->shaded,
            'shade_width_ft' => $spot->shadeWidthFt,
            'section' => $spot->section,
            'dock' => $spot->dock === null ? null : array_filter(
                ['kind' => $spot->dock->kind->value, 'part' => $spot->dock->part?->value, 'depth_ft' => $spot->dock->depthFt],
                static fn (mixed $v): bool => $v !== null,
            ),
        ], static fn (mixed $value): bool => $value !== null);
    }
}
