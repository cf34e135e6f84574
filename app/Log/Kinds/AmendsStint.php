<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\Stint;

/** A stint put right: its casts set afterwards, its spot, lure, depth, cover, light, angler. */
final class AmendsStint extends SaysMore
{
    public function fields(): array
    {
        return ['stint' => Wanted::id()] + parent::fields();
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    protected function sayable(): array
    {
        return [
            ...StintFields::of('stint', ['lure', 'color', 'spot', 'retrieve', 'casts']),
            ...StintFields::perhaps('stint', ['structure', 'cover', 'cover_part', 'light', 'angler', 'weight_oz', 'length_in', 'water_depth_ft']),
            'depth_ft' => StintFields::one('stint', 'depth_ft')->orNothing(),
            ...StintFields::castKind(),
            'depth' => StintFields::one('stint', 'depth_ft'),
        ];
    }

    protected function subject(array $event): Stint
    {
        return $this->stints()->whereKey($event['stint'])->firstOrFail();
    }
}
