<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\Stint;
use OldEddy\Log\Evidence\Limits;

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
            ...StintFields::optional(StintFields::ofStint()),
            'lure' => Wanted::oneOf(StintFields::lures()),
            'color' => Wanted::oneOf(StintFields::colors()),
            'spot' => Wanted::text(StintFields::SPOT),
            'retrieve' => Wanted::text(StintFields::RETRIEVE),
            'angler' => Wanted::text(StintFields::ANGLER)->orNothing(),
            'depth' => Wanted::number(0, Limits::DEPTH_FT),
            'casts' => Wanted::whole(0, Limits::CASTS),
        ];
    }

    protected function subject(array $event): Stint
    {
        return $this->stints()->whereKey($event['stint'])->firstOrFail();
    }
}
