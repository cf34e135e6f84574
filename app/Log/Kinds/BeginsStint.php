<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\StintLight;
use App\Log\Wanted;
use App\Models\LakeSpot;
use App\Models\LogEvent;
use App\Models\Stint;
use App\Show\Clock;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Log\Evidence\StintPlace;

/** Another spot or another lure: a new stint. */
final class BeginsStint extends Kind
{
    private string $at = '';

    public const GATHERED = true;

    public function fields(): array
    {
        return ['stint' => Wanted::id(), ...StintFields::begun()];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function apply(array $event): array
    {
        $this->at = $event['at'];
        [$spotId, $place] = $this->placeOf($event['spot']);
        $this->batch->begin($event['id'], [
            'id' => $event['stint'], 'started_at' => $event['at'], 'spot' => $event['spot'],
            'lure' => $event['lure'], 'color' => $event['color'], 'depth_ft' => $event['depth_ft'], 'retrieve' => $event['retrieve'],
            'angler' => $event['angler'] ?? null, 'spot_id' => $spotId, 'structure' => $place->structure, 'cover' => $place->cover,
            'cover_part' => $place->coverPart,
            'light' => $place->light ?? StintLight::at($this->trip, $event['at']),
        ]);

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->stints()->whereKey($event->stint_id)->where('cast_count', 0)->whereDoesntHave('contacts')->delete();
    }

    /** @return array{?int, StintPlace} the lake's spot of that name, if it has one, and what is known of the place */
    private function placeOf(string $spot): array
    {
        $before = $this->batch->lastAt($spot);
        $marked = $before === null
            && $this->trip->lake_id !== null
            ? LakeSpot::query()->where('lake_id', $this->trip->lake_id)->where('out_with', 0)->where('name', $spot)->first()
            : null;
        $said = $this->trip->conditions['spot'] ?? [];

        return [$before['spot_id'] ?? $marked?->id, StintPlace::known(
            $before === null ? null : new StintPlace($before['structure'], $before['cover'], $before['cover_part']),
            $marked?->place()->asFished(Settler::settle($this->trip->told()), Clock::minute($this->at)),
            new StintPlace($said['structure'] ?? null, $said['cover'][0] ?? null, light: ($said['shaded'] ?? false) ? 'shade' : null),
        )];
    }
}
