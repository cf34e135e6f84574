<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Models\LogEvent;

/** A stint or a contact that never was: taken out of the evidence, and kept so that it can come back. */
final class Removes extends Kind
{
    public function rules(array $event): array
    {
        return ['stint' => ['required_without:contact', 'uuid'], 'contact' => ['required_without:stint', 'uuid']];
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
