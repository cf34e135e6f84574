<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;
use App\Models\Turn;
use OldEddy\Log\Evidence\TurnKind;

/** Light, level, front or clarity changed: what was fished before says less from here on. */
final class Turns extends Kind
{
    public function fields(): array
    {
        return ['what' => Wanted::oneOf(TurnKind::keys())];
    }

    public function knows(array $event): bool
    {
        return true;
    }

    public function apply(array $event): array
    {
        Turn::query()->insertOrIgnore(
            ['id' => $event['id'], 'trip_id' => $this->trip->id, 'at' => $event['at'], 'kind' => $event['what'], 'created_at' => now(), 'updated_at' => now()],
        );

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $this->trip->turns()->whereKey($event->id)->delete();
    }
}
