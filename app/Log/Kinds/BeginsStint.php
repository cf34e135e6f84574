<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;

/** Another spot or another lure: a new stint. */
final class BeginsStint extends Kind
{
    public const GATHERED = true;

    public function fields(): array
    {
        return ['stint' => Wanted::id(), ...StintFields::begun(), 'followed' => Wanted::oneOf(['yes', 'no'])->orNothing(), ...self::position()];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function apply(array $event): array
    {
        $place = (new PlaceOfStint($this->trip, $this->batch))->of($event);
        $this->batch->begin($event['id'], [
            'id' => $event['stint'], 'started_at' => $event['at'], 'spot' => $event['spot'],
            'lure' => $event['lure'], 'color' => $event['color'], 'depth_ft' => $event['depth_ft'], 'retrieve' => $event['retrieve'],
            'weight_oz' => $event['weight_oz'] ?? null, 'length_in' => $event['length_in'] ?? null,
            'cast_kind' => $event['cast_kind'] ?? null,
            'angler' => $event['angler'] ?? null, 'followed' => isset($event['followed']) ? $event['followed'] === 'yes' : null, ...$place,
        ]);

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->stints()->whereKey($event->stint_id)->where('cast_count', 0)->whereDoesntHave('contacts')->delete();
    }
}
