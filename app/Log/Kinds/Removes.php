<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\LogEvent;

/** A stint or a contact that never was: taken out of the evidence, and kept so that it can come back. */
final class Removes extends Kind
{
    public function fields(): array
    {
        return ['stint' => Wanted::id()->orNothing(), 'contact' => Wanted::id()->orNothing()];
    }

    public function stintOf(array $event): ?string
    {
        return isset($event['contact']) ? $this->batch->stintOfContact($event['contact']) : $event['stint'] ?? null;
    }

    public function knows(array $event): bool
    {
        return isset($event['contact']) ? $this->hasContact($event['contact']) : $this->hasStint($event['stint'] ?? null);
    }

    public function apply(array $event): array
    {
        isset($event['contact'])
            ? $this->trip->contacts()->whereKey($event['contact'])->delete()
            : $this->trip->stints()->whereKey($event['stint'])->delete();

        return [];
    }

    public function takeBack(LogEvent $event): void
    {
        $event->contact_id !== null
            ? $this->contacts()->whereKey($event->contact_id)->update(['deleted_at' => null])
            : $this->stints()->whereKey($event->stint_id)->update(['deleted_at' => null]);
    }
}
