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
        $place = $this->placeOf($event['spot']);
        $this->batch->begin($event['id'], [
            'id' => $event['stint'], 'started_at' => $event['at'], 'spot' => $event['spot'],
            'lure' => $event['lure'], 'color' => $event['color'], 'depth_ft' => $event['depth_ft'], 'retrieve' => $event['retrieve'],
            'angler' => $event['angler'] ?? null, ...$place,
            'light' => $place['light'] ?? StintLight::at($this->trip, $event['at']),
        ]);

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->stints()->whereKey($event->stint_id)->where('cast_count', 0)->whereDoesntHave('contacts')->delete();
    }

    /**
     * A spot fished before today is what it was then; one that is marked on the lake is what is known of it; any other is as
     * the day's conditions have it.
     *
     * @return array{spot_id: ?int, structure: ?string, cover: ?string, cover_part: ?string, light: ?string}
     */
    private function placeOf(string $spot): array
    {
        $before = $this->batch->lastAt($spot);
        $said = $this->trip->conditions['spot'] ?? [];
        $marked = $before === null && $this->trip->lake_id !== null ? LakeSpot::query()->where('lake_id', $this->trip->lake_id)->where('out_with', 0)->where('name', $spot)->first() : null;
        if ($marked !== null) {
            return ['spot_id' => $marked->id, 'structure' => $marked->structure, 'cover' => $marked->cover[0] ?? null, 'cover_part' => null, 'light' => $marked->place()->shadeFtAt(Settler::settle($this->trip->told()), Clock::minute($this->at)) > 0 ? 'shade' : null];
        }

        return [
            'spot_id' => $before['spot_id'] ?? null,
            'structure' => $before !== null ? $before['structure'] : $said['structure'] ?? null,
            'cover' => $before !== null ? $before['cover'] : $said['cover'][0] ?? null,
            'cover_part' => $before['cover_part'] ?? null,
            'light' => ($said['shaded'] ?? false) ? 'shade' : null,
        ];
    }
}
