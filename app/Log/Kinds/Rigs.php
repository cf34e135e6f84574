<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Models\LogEvent;
use App\Models\RackSlot;

/** A rod put on the rack or taken off it; it goes the way of the log, with or without signal. */
final class Rigs extends Kind
{
    /** @var array<string, mixed> */
    private array $set = [];

    public function fields(): array
    {
        return [
            ...StintFields::of('stint', ['lure', 'color']), ...StintFields::perhaps('stint', ['depth_ft', 'retrieve', 'weight_oz', 'length_in']),
            ...StintFields::castKind(),
        ];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    /** Without a depth and a retrieve it says that the rod is off. */
    public function apply(array $event): array
    {
        $rod = $this->trip->rack()->where('lure', $event['lure'])->where('color', $event['color']);
        $before = $rod->first()?->only(RackSlot::PRESENTATION);
        $isOn = isset($event['depth_ft'], $event['retrieve']);
        $isOn ? RackSlot::rig($this->trip, array_intersect_key($event, array_flip(RackSlot::PRESENTATION))) : $rod->delete();
        $this->set = ['lure' => $event['lure'], 'color' => $event['color'], 'on' => $isOn];
        $this->trip->unsetRelation('rack');

        return ['rod' => $before, 'lure' => $event['lure'], 'color' => $event['color']];
    }

    public function set(): array
    {
        return $this->set;
    }

    public function takeBack(LogEvent $event): void
    {
        ['rod' => $before, 'lure' => $lure, 'color' => $color] = $event->before ?? [];
        $before === null ? $this->trip->rack()->where('lure', $lure)->where('color', $color)->delete() : RackSlot::rig($this->trip, $before);
        $this->trip->unsetRelation('rack');
    }
}
